<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/** One person at one window: finds things by the words that they read. */
final class Page
{
    private int $seconds = 10;

    private function __construct(private readonly RemoteWebDriver $web, private readonly string $base)
    {
    }

    public static function open(int $width = 1280, int $height = 800, string $scheme = 'light'): self
    {
        $base = $_SERVER['BERM_URL'] ?? null;
        Assert::assertIsString($base, 'BERM_URL says where the application runs');

        return new self(Browser::open($width, $height, $scheme), $base);
    }

    /** Over a line that can be cut; with the data of a browser that was closed before. */
    public static function over(Line $line, string $profile, int $width = 390, int $height = 844): self
    {
        return new self(Browser::open($width, $height, profile: $profile), $line->url());
    }

    public function close(): void
    {
        $this->web->quit();
    }

    public function go(string $path): self
    {
        $this->web->get($this->base.$path);

        return $this;
    }

    public static function password(): string
    {
        $password = $_SERVER['BERM_PASSWORD'] ?? null;
        Assert::assertIsString($password);

        return $password;
    }

    /** @param string|null $password null: of the instance that BERM_URL names */
    public function signIn(string $user, ?string $password = null): self
    {
        $this->go('/');
        // What a touch writes down is an entry at once: whoever looks at the ten seconds in which it can be undone sets them.
        $this->web->executeScript("localStorage.getItem('berm.undo-seconds') ?? localStorage.setItem('berm.undo-seconds', '0')");

        return $this->fill('Name', $user)->fill('Password', $password ?? self::password())->press('Sign in')->see('Jobs');
    }

    /** Waits until the words stand on the page. */
    public function see(string $words): self
    {
        $this->until("\"$words\" on the page", fn (): bool => str_contains($this->text(), $words));

        return $this;
    }

    /** Waits until the words are gone: until what was done has come back from the server. */
    public function seeNoMore(string $words): self
    {
        $this->until("\"$words\" to go", fn (): bool => !str_contains($this->text(), $words));

        return $this;
    }

    public function doesNotSee(string $words): self
    {
        Assert::assertStringNotContainsString($words, $this->text());

        return $this;
    }

    /** Clicks a button, a link or a toggle by its text. */
    public function press(string $words): self
    {
        $quoted = self::quoted($words);
        $this->element(
            "//button[normalize-space(.)=$quoted or @aria-label=$quoted] | //a[normalize-space(.)=$quoted] | //label[input[@type='radio'] and normalize-space(.)=$quoted]",
        )->click();

        return $this;
    }

    /** Clicks the first button or link whose text begins so. */
    public function pressFirst(string $beginning): self
    {
        $quoted = self::quoted($beginning);
        $this->element("//button[starts-with(normalize-space(.), $quoted)] | //a[starts-with(normalize-space(.), $quoted)]")->click();

        return $this;
    }

    /** Asks a long list for more until a button or link begins so; how long it is depends on what was released before. */
    public function showMoreTo(string $beginning): self
    {
        $quoted = self::quoted($beginning);
        for ($pages = 0; $pages < 30; ++$pages) {
            try {
                $found = $this->element(
                    "//button[starts-with(normalize-space(.), $quoted) or starts-with(normalize-space(.), 'Show more: ')]",
                );
                if (str_starts_with(trim($found->getText()), $beginning)) {
                    break;
                }
                $found->click();
            } catch (StaleElementReferenceException) {
                // The list was drawn anew between the look and the touch: looked at again.
            }
        }

        return $this;
    }

    /** Opens what is folded away under words that hold these. */
    public function unfold(string $words): self
    {
        $quoted = self::quoted($words);
        $this->element("//summary[contains(normalize-space(.), $quoted)]")->click();

        return $this;
    }

    /** One of several. */
    public function pick(string $label): self
    {
        $quoted = self::quoted($label);
        $this->element("//label[normalize-space(.)=$quoted]//input[@type='radio']")->click();

        return $this;
    }

    public function tick(string $label): self
    {
        $quoted = self::quoted($label);
        $box = $this->element("//label[.//*[normalize-space(.)=$quoted]]//input[@type='checkbox']");
        $this->until("\"$label\" ready to be ticked", static fn (): bool => $box->isEnabled());
        $box->click();

        return $this;
    }

    /** Types over what a field holds, found by its label. */
    public function fill(string $label, string $text): self
    {
        $field = $this->field($label);
        $field->clear();
        $field->sendKeys($text);

        return $this;
    }

    /** As fill, in the last of several fields of one label: the one that was added last. */
    public function fillLast(string $label, string $text): self
    {
        $field = $this->field($label, isLast: true);
        $field->clear();
        $field->sendKeys($text);

        return $this;
    }

    public function chooseLast(string $label, string $option): self
    {
        $this->field($label, isLast: true)->findElement(
            WebDriverBy::xpath('./option[normalize-space(.)='.self::quoted($option).']'),
        )->click();

        return $this;
    }

    public function enter(string $label, string $text): self
    {
        $this->field($label)->sendKeys([$text, WebDriverKeys::ENTER]);

        return $this;
    }

    /** Changes some of the text that a field holds, as with the keyboard: the page hears of it. */
    public function replace(string $label, string $old, string $new): self
    {
        $this->web->executeScript(
            'const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set;
            const [field, old, next] = arguments;
            if (!field.value.includes(old)) throw new Error("the field does not hold " + old);
            set.call(field, field.value.replace(old, next));
            field.dispatchEvent(new Event("input", {bubbles: true}))',
            [$this->field($label), $old, $new],
        );

        return $this;
    }

    public function choose(string $label, string $option): self
    {
        $this->field($label)->findElement(WebDriverBy::xpath('./option[normalize-space(.)='.self::quoted($option).']'))->click();

        return $this;
    }

    /** Hands a file to a field; nothing is typed. */
    public function upload(string $label, string $file): self
    {
        $this->field($label)->sendKeys($file);

        return $this;
    }

    /**
     * Types at whatever has the focus, as on a keyboard.
     *
     * @param string|list<string> $keys
     */
    public function type(string|array $keys): self
    {
        $strokes = [];
        foreach (mb_str_split(implode('', (array) $keys)) as $key) {
            array_push($strokes, ['type' => 'keyDown', 'value' => $key], ['type' => 'keyUp', 'value' => $key]);
        }
        // Real key strokes, wherever the focus is: an element that is just being replaced cannot be written to by name.
        $this->web->execute(DriverCommand::ACTIONS, ['actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => $strokes]]]);

        return $this;
    }

    /** Moves the focus with the tab key until it is on the thing with this name. */
    public function tabTo(string $name): self
    {
        for ($steps = 0; $steps < 120; ++$steps) {
            if (str_starts_with($this->focused(), $name)) {
                return $this;
            }
            $this->type(WebDriverKeys::TAB);
        }
        Assert::fail(
            "The tab key never reaches \"$name\" at {$this->path()}; it is on \"{$this->focused()}\" and the page says: ".mb_strimwidth($this->text(), 0, 3000, '…'),
        );
    }

    /** The large number: where to cut. */
    public function target(): string
    {
        $text = $this->web->executeScript('return document.querySelector(".text-target").innerText');

        return \is_string($text) ? trim((string) preg_replace('/\s+/', ' ', $text)) : '';
    }

    public function path(): string
    {
        return (string) parse_url($this->web->getCurrentURL(), \PHP_URL_PATH);
    }

    public function waitForPath(string $end): self
    {
        $this->until("the path to end in $end", fn (): bool => str_ends_with($this->path(), $end));

        return $this;
    }

    /** Cuts the window off from the server, or joins it again. */
    public function offline(bool $isOffline): self
    {
        Browser::devtools($this->web, 'Network.enable', []);
        Browser::devtools(
            $this->web,
            'Network.emulateNetworkConditions',
            ['offline' => $isOffline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );

        return $this;
    }

    /**
     * What a request of the page's own session answers: status, type and the first bytes.
     *
     * @return array{int, string, string}
     */
    public function fetch(string $path): array
    {
        $answer = $this->web->executeAsyncScript(
            'const done = arguments[1]; fetch(arguments[0]).then(async r => done([r.status, r.headers.get("Content-Type") ?? "", (await r.text()).slice(0, 200000)]))',
            [$path],
        );
        Assert::assertIsArray($answer);
        [$status, $type, $body] = $answer;
        Assert::assertTrue(\is_int($status) && \is_string($type) && \is_string($body));

        return [$status, $type, $body];
    }

    /** No violation of WCAG 2.2 A and AA that axe-core finds, and no error of the page's own in the console. */
    public function assertAccessible(): self
    {
        $this->web->executeScript((string) file_get_contents(\dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js'));
        $violations = $this->web->executeAsyncScript(
            'const done = arguments[arguments.length - 1];
            axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"]}).then(
                r => done(r.violations.map(v => v.id + ": " + v.nodes.map(n => n.target.join(" ") + " " + n.failureSummary).join(" | "))),
                e => done([String(e)]))',
        );
        Assert::assertSame([], $violations, $this->path());
        $logged = $this->web->manage()->getLog('browser');
        $severe = array_filter(
            $logged,
            static fn (mixed $line): bool => \is_array($line)
                && 'SEVERE' === ($line['level'] ?? null)
                && 'network' !== ($line['source'] ?? null),
        );
        Assert::assertSame([], array_values($severe));

        return $this;
    }

    /** What a script on the page tells to done(). */
    public function run(string $script): string
    {
        $told = $this->web->executeAsyncScript("const done = arguments[0]; $script");

        return \is_string($told) ? $told : '';
    }

    /** A script that runs before anything else does, on this page as on every one that is opened later. */
    public function onEveryPage(string $script): self
    {
        Browser::devtools($this->web, 'Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);

        return $this;
    }

    /** For scripts, and what is waited for, that take so many seconds. */
    public function patiently(int $seconds): self
    {
        $this->seconds = $seconds;
        $this->web->manage()->timeouts()->setScriptTimeout($seconds);

        return $this;
    }

    public function resize(int $width, int $height): self
    {
        Browser::resize($this->web, $width, $height);

        return $this;
    }

    /** Waits until a script says so. */
    public function waitFor(string $what, string $script): self
    {
        $this->until($what, fn (): bool => true === $this->web->executeScript($script));

        return $this;
    }

    /** What stands on the first of what a selector finds, as soon as there is one. */
    public function textOf(string $selector): string
    {
        $at = json_encode($selector, \JSON_THROW_ON_ERROR);
        $this->waitFor($selector, "return document.querySelector($at) !== null");

        return $this->run("done(document.querySelector($at).textContent.trim())");
    }

    /** As the browser prints it, as PDF. */
    public function printed(): string
    {
        $answer = Browser::ask($this->web, 'Page.printToPDF', ['preferCSSPageSize' => true, 'printBackground' => true]);

        return (string) base64_decode(\is_string($answer['data'] ?? null) ? $answer['data'] : '', true);
    }

    public function shot(string $file): self
    {
        $this->web->executeAsyncScript('document.fonts.ready.then(arguments[0])');
        $this->web->takeScreenshot($file);

        return $this;
    }

    private function field(string $label, bool $isLast = false): WebDriverElement
    {
        $quoted = self::quoted($label);

        return $this->element(
            "//*[@id = //label[normalize-space(.)=$quoted]/@for] | //*[@aria-label=$quoted] | //label[normalize-space(text())=$quoted]//select | //label[span[normalize-space(.)=$quoted]]//textarea",
            $isLast,
        );
    }

    private function element(string $xpath, bool $isLast = false): WebDriverElement
    {
        $found = [];
        $this->until($xpath, function () use ($xpath, &$found): bool {
            $found = array_values(array_filter(
                $this->web->findElements(WebDriverBy::xpath($xpath)), static fn (WebDriverElement $one): bool => $one->isDisplayed(),
            ));

            return [] !== $found;
        });

        return ($isLast ? array_pop($found) : array_shift($found)) ?? throw new \LogicException('waited for it');
    }

    /** @param \Closure(): bool $holds */
    private function until(string $what, \Closure $holds): void
    {
        try {
            $this->web->wait($this->seconds, 50)->until($holds);
        } catch (TimeoutException $late) {
            // As it is now: what it said before the wait would mislead.
            $says = mb_strimwidth($this->text(), 0, 1500, '…');
            throw new TimeoutException("waited in vain for $what at {$this->path()}; the page says: $says", $late->getResults());
        }
    }

    private function text(): string
    {
        $text = $this->web->executeScript('return document.body.innerText');

        return \is_string($text) ? (string) preg_replace('/\s+/u', ' ', $text) : '';
    }

    private function focused(): string
    {
        $name = $this->web->executeScript(
            'const e = document.activeElement;
            const label = e.labels?.[0]?.innerText ?? e.getAttribute("aria-label") ?? e.innerText ?? "";
            return label.replace(/\s+/g, " ").trim()',
        );

        return \is_string($name) ? $name : '';
    }

    private static function quoted(string $words): string
    {
        return str_contains($words, "'") ? "\"$words\"" : "'$words'";
    }
}
