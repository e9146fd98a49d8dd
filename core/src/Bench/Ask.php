<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureUnit;
use Berm\Core\Quantity\UnreadableLength;
use Berm\Core\Quantity\UnreadableTemperature;

/** One field of a tool, with its fixed limits: what lies outside of them is not of this trade. */
final readonly class Ask
{
    /**
     * @param array<string, string>         $options label by value, of a choice
     * @param array{mm: string, in: string} $first   what it holds at first, without the unit, in either world
     */
    private function __construct(
        public string $key, public string $label, public AskKind $kind, public string $unit, public float $least, public float $most,
        public array $options, public array $first,
    ) {
    }

    /**
     * @param float  $least and
     * @param float  $most  in mm
     * @param string $mm    and
     * @param string $in    what it holds at first
     */
    public static function length(string $key, string $label, float $least, float $most, string $mm, string $in): self
    {
        return new self($key, $label, AskKind::Length, '', $least, $most, [], ['mm' => $mm, 'in' => $in]);
    }

    public static function number(string $key, string $label, string $unit, float $least, float $most, string $first): self
    {
        return new self($key, $label, AskKind::Number, $unit, $least, $most, [], ['mm' => $first, 'in' => $first]);
    }

    /** @param float $least and @param float $most in °C */
    public static function temperature(string $key, string $label, float $least, float $most, string $celsius, string $fahrenheit): self
    {
        return new self($key, $label, AskKind::Temperature, '', $least, $most, [], ['mm' => $celsius, 'in' => $fahrenheit]);
    }

    /** @param non-empty-array<string, string> $options label by value; the first is held at first */
    public static function choice(string $key, string $label, array $options): self
    {
        $first = array_key_first($options);

        return new self($key, $label, AskKind::Choice, '', 0, 0, $options, ['mm' => $first, 'in' => $first]);
    }

    public static function text(string $key, string $label, string $mm, string $in): self
    {
        return new self($key, $label, AskKind::Text, '', 0, 0, [], ['mm' => $mm, 'in' => $in]);
    }

    /** @throws OutOfBench with what is wrong and how it is mended */
    public function read(string $text, LengthUnit $unit): Length|Temperature|float|string
    {
        return match ($this->kind) {
            AskKind::Length => $this->readLength($text, $unit),
            AskKind::Temperature => $this->readTemperature($text, $unit),
            AskKind::Number => $this->readNumber($text),
            AskKind::Choice => isset($this->options[$text]) ? $text : throw OutOfBench::because(
                'must be one of '.implode(', ', array_keys($this->options)).'.',
            ),
            AskKind::Text => mb_strlen($text) <= 40 && '' !== trim($text) ? $text : throw OutOfBench::because(
                "is not readable: write it like \"{$this->first[$unit->value]}\".",
            ),
        };
    }

    private function readLength(string $text, LengthUnit $unit): Length
    {
        try {
            $length = Length::parse($text, $unit);
        } catch (UnreadableLength $unreadable) {
            throw OutOfBench::because($unreadable->getMessage());
        }
        $is = $length->inMillimetres();

        return $this->least <= $is && $is <= $this->most ? $length : throw OutOfBench::because(LengthUnit::Inch === $unit
            ? \sprintf('must be from %.3g in to %.4g in.', $this->least / 25.4, $this->most / 25.4)
            : \sprintf('must be from %.6g mm to %.6g mm.', $this->least, $this->most));
    }

    private function readTemperature(string $text, LengthUnit $unit): Temperature
    {
        $own = LengthUnit::Inch === $unit ? TemperatureUnit::Fahrenheit : TemperatureUnit::Celsius;
        try {
            $temperature = Temperature::parse($text, $own);
        } catch (UnreadableTemperature $unreadable) {
            throw OutOfBench::because($unreadable->getMessage());
        }
        $isIn = $this->least <= $temperature->celsius && $temperature->celsius <= $this->most;

        return $isIn ? $temperature : throw OutOfBench::because(
            'must be from '.Temperature::say($this->least, $own).' to '.Temperature::say($this->most, $own).'.',
        );
    }

    private function readNumber(string $text): float
    {
        $plain = strtr(trim($text), ',', '.');
        $isOne = 1 === preg_match('/^-?\d{1,9}(\.\d{1,6})?$/', $plain);

        return $isOne && $this->least <= (float) $plain && (float) $plain <= $this->most ? (float) $plain : throw OutOfBench::because(
            \sprintf('must be a number from %.6g to %.9g%s.', $this->least, $this->most, '' === $this->unit ? '' : " $this->unit"),
        );
    }
}
