<?php

declare(strict_types=1);

namespace App\Hand;

use App\Http\Wire\BenchAnswer;
use App\Http\Wire\ProblemJson;
use Berm\Core\File\Fields;
use Berm\Core\File\MomentFile;

/**
 * Takes the messages of the page, one JSON document each, and answers each by another: `open` a package, `ask` it what the server would be
 * asked, `close` it; or asks the `bench`, for which nothing has to be open. See docs/formats/package.md.
 */
final class Desk
{
    /** @var array<string, Engine> by job */
    private array $open = [];

    /** Never throws: whatever is wrong with a message is in the answer. */
    public function take(string $message): string
    {
        try {
            // Made by a program: no key stands in it twice.
            $json = json_decode($message, true, 64, \JSON_THROW_ON_ERROR);
            $answer = Fields::read($json, fn (Fields $fields): \Closure => match ($fields->choice('do', Errand::class)) {
                Errand::Open => $this->open($fields),
                Errand::Ask => $this->ask($fields),
                Errand::Close => $this->close($fields),
                Errand::Bench => $this->bench($fields),
            })();
        } catch (\Throwable $error) {
            $failed = ProblemJson::of(500, 'failed', 'Something went wrong on this device: '.$error->getMessage());
            $answer = self::said(Answer::ofProblem(ProblemJson::ofRefusal($error) ?? $failed));
        }

        return json_encode($answer, \JSON_THROW_ON_ERROR);
    }

    /** @return \Closure(): array<string, mixed> what is done once all of the message could be read */
    private function open(Fields $message): \Closure
    {
        $package = Fields::got($message->object('package', PackageFile::read(...)));
        $grown = $message->list('grown', static fn (Fields $one): Growth => PackageFile::readGrowth($one), 5_000);

        return function () use ($package, $grown): array {
            $this->open[$package->job->id] = Engine::open($package, $grown);

            return ['status' => 200];
        };
    }

    /** @return \Closure(): array<string, mixed> */
    private function ask(Fields $message): \Closure
    {
        $job = $message->text('job', 40);
        $asked = new Asked(
            $message->text('method', 10), $message->text('path', 200), $message->optionalText('body', 200_000),
            $message->integer('version', 0, 1_000_000), MomentFile::read($message, 'at'), $message->integer('page', 1, 10_000),
        );

        return fn (): array => $this->answer($job, $asked);
    }

    /** @return array<string, mixed> */
    private function answer(string $job, Asked $asked): array
    {
        $engine = $this->open[$job] ?? null;
        if (null === $engine) {
            return self::said(Answer::ofProblem(ProblemJson::of(404, 'not-on-device', 'This job is not on this device: take it along.')));
        }
        $answer = $engine->answer($asked);
        $grown = $engine->grown();

        return [...self::said($answer), ...(null === $grown ? [] : ['grown' => PackageFile::writeGrowth($grown)])];
    }

    /** @return \Closure(): array<string, mixed> */
    private function close(Fields $message): \Closure
    {
        $job = $message->text('job', 40);

        return function () use ($job): array {
            unset($this->open[$job]);

            return ['status' => 200];
        };
    }

    /** @return \Closure(): array<string, mixed> */
    private function bench(Fields $message): \Closure
    {
        $tool = $message->optionalText('tool', 40);
        $query = $message->optionalText('query', 2_000);
        parse_str($query, $given);

        return static fn (): array => self::said(Answer::of(200, '' === $tool ? BenchAnswer::all() : BenchAnswer::of($tool, $given)));
    }

    /** @return array{status: int, body: string} */
    private static function said(Answer $answer): array
    {
        return ['status' => $answer->status, 'body' => $answer->json];
    }
}
