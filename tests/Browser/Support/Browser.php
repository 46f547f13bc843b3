<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;
use RuntimeException;

/** A keeper at a headless Chromium: what they see, type and press. */
final class Browser
{
    private const WAIT_SECONDS = 20.0;

    /** @var list<RemoteWebDriver> browsers that wait for the next test, since starting one takes a second */
    private static array $idle = [];

    /**
     * @var list<array<string, mixed>> cookies of the demo's keeper once signed in: every demo is a copy of one and
     *   sessions are kept beside, so they hold in all
     */
    private static array $demoSession = [];

    private readonly RemoteWebDriver $driver;

    public function __construct(
        private readonly string $baseUrl,
        int $width = 1280,
        int $height = 800,
        bool $dark = false,
    ) {
        $this->driver = array_pop(self::$idle) ?? Chromium::start();
        $this->devTools('Network.clearBrowserCookies', []);
        $this->offline(false)->resize($width, $height)->inLook($dark);
        $this->consoleProblems();
        $this->strangeRequests();
    }

    /** Goes on as a keeper whose device is dark, or light. */
    public function inLook(bool $dark): self
    {
        $this->devTools('Emulation.setEmulatedMedia', [
            'media' => '',
            'features' => [['name' => 'prefers-color-scheme', 'value' => $dark ? 'dark' : 'light']],
        ]);

        return $this;
    }

    /** Leaves the page and what it kept; the browser waits for the next test. */
    public function quit(): void
    {
        $this->driver->executeScript('try { sessionStorage.clear(); localStorage.clear(); } catch {}');
        $this->driver->get('about:blank');
        self::$idle[] = $this->driver;
    }

    public function resize(int $width, int $height): self
    {
        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);

        return $this;
    }

    /** Shows the page as it goes on paper, or on the screen again. */
    public function onPaper(bool $paper = true): self
    {
        $this->devTools('Emulation.setEmulatedMedia', ['media' => $paper ? 'print' : '']);

        return $this;
    }

    public function visit(string $path): self
    {
        $this->driver->get($this->baseUrl.$path);

        return $this;
    }

    public function signIn(string $email = 'demo@ithys.example', string $password = 'tidepool-demo'): self
    {
        $isDemo = $email === 'demo@ithys.example' && $password === 'tidepool-demo';
        if ($isDemo && self::$demoSession !== []) {
            $this->devTools('Network.setCookies', ['cookies' => self::$demoSession]);
            $this->visit('/');
            if ($this->path() !== '/sign-in') {
                return $this;
            }
        }
        $this->visit('/sign-in')->type('E-mail address', $email)->type('Password', $password)->press('Sign in');
        $this->until(
            fn (): bool => ! str_contains($this->driver->getCurrentURL(), '/sign-in'),
            'still at the sign-in door',
        );
        if ($isDemo) {
            $cookies = (new ChromeDevToolsDriver($this->driver))->execute('Network.getCookies', [
                'urls' => [$this->baseUrl],
            ]);
            self::$demoSession = array_map(
                static fn (array $cookie): array => array_intersect_key(
                    $cookie,
                    array_flip(['name', 'value', 'domain', 'path', 'httpOnly', 'sameSite']),
                ),
                array_values(
                    array_filter(
                        $cookies['cookies'] ?? [],
                        static fn (array $cookie): bool => in_array(
                            $cookie['name'],
                            ['ithys_session', 'XSRF-TOKEN'],
                            true,
                        ),
                    ),
                ),
            );
        }

        return $this;
    }

    /** Types into the field with this label, after emptying it. */
    public function type(string $label, string $text): self
    {
        $field = $this->field($label);
        $this->intoSight($field)->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys(WebDriverKeys::BACKSPACE);
        $field->sendKeys($text);

        return $this;
    }

    /** What stands in the field with this label. */
    public function value(string $label): string
    {
        return (string) $this->field($label)->getAttribute('value');
    }

    /** Takes the network away, or gives it back. */
    public function offline(bool $offline = true): self
    {
        $this->devTools('Network.enable', []);
        $this->devTools('Network.emulateNetworkConditions', [
            'offline' => $offline,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);

        return $this;
    }

    public function back(): self
    {
        $this->driver->navigate()->back();

        return $this;
    }

    public function choose(string $label, string $optionText): self
    {
        $this->until(function () use ($label, $optionText): bool {
            // Found anew at each look: a redraw leaves the old field behind.
            foreach ($this->field($label)->findElements(WebDriverBy::tagName('option')) as $option) {
                if (str_contains($option->getText(), $optionText)) {
                    $option->click();

                    return true;
                }
            }

            return false;
        }, "no option “{$optionText}” in “{$label}”");

        return $this;
    }

    public function attach(string $label, string $path): self
    {
        $this->field($label)->sendKeys($path);

        return $this;
    }

    /** Presses the button, link or fold that reads so, or is labelled so. */
    public function press(string $text): self
    {
        $quoted = $this->quoted($text);
        $target = $this->element(
            "//button[normalize-space(.)={$quoted} or @aria-label={$quoted}][not(@disabled)] | "
                ."//a[normalize-space(.)={$quoted}] | //summary[normalize-space(.)={$quoted}]",
        );
        $this->intoSight($target)->click();

        return $this;
    }

    /** Opens a group of the workbench and picks one of its parts. */
    public function pick(string $group, string $row): self
    {
        $this->intoSight($this->element("//*[@aria-label='Groups']//button[normalize-space(.)='{$group}']"))->click();
        $this->intoSight($this->element("//*[@data-row='{$row}']"))->click();

        return $this;
    }

    /** Presses keys where the focus is: "l", "Enter", "Tab"; the keyboard asks no element whether it may. */
    public function keys(string ...$keys): self
    {
        foreach ($keys as $key) {
            $chords = match ($key) {
                'Enter' => [[WebDriverKeys::ENTER]],
                'Tab' => [[WebDriverKeys::TAB]],
                'Escape' => [[WebDriverKeys::ESCAPE]],
                'ArrowUp' => [[WebDriverKeys::ARROW_UP]],
                'ArrowDown' => [[WebDriverKeys::ARROW_DOWN]],
                'ArrowLeft' => [[WebDriverKeys::ARROW_LEFT]],
                'ArrowRight' => [[WebDriverKeys::ARROW_RIGHT]],
                'Ctrl+S' => [[WebDriverKeys::CONTROL, 's']],
                'Ctrl+Z' => [[WebDriverKeys::CONTROL, 'z']],
                default => array_map(fn (string $letter): array => [$letter], mb_str_split($key)),
            };
            $strokes = array_merge(...array_map(fn (array $chord): array => [
                ...array_map(fn (string $one): array => ['type' => 'keyDown', 'value' => $one], $chord),
                ...array_map(fn (string $one): array => ['type' => 'keyUp', 'value' => $one], array_reverse($chord)),
            ], $chords));
            $this->driver->execute(DriverCommand::ACTIONS, [
                'actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => $strokes]],
            ]);
        }

        return $this;
    }

    /** Presses Tab until the focus is on what is named so, as a keeper without a mouse does. */
    public function tabTo(string $name): self
    {
        for ($press = 0; $press < 250; $press++) {
            $this->pressTab();
            $at = $this->driver->executeScript(
                'const at = document.activeElement; return [at.getAttribute("aria-label"), at.innerText, '
                    .'...[...(at.labels ?? [])].map((label) => label.innerText)].map((text) => (text ?? '
                    .'"").replace(/\s+/g, " ").trim())',
            );
            if (is_array($at) && in_array($name, $at, true)) {
                return $this;
            }
        }
        Assert::fail("Tab does not come to “{$name}”.");
    }

    /** A key event of the browser itself, many times as fast as one of the driver's. */
    private function pressTab(): void
    {
        foreach (['rawKeyDown', 'keyUp'] as $type) {
            $this->devTools('Input.dispatchKeyEvent', [
                'type' => $type,
                'key' => 'Tab',
                'code' => 'Tab',
                'windowsVirtualKeyCode' => 9,
            ]);
        }
    }

    /** Drags what is at one place with the mouse, by small steps as a hand does, and lets it go over another. */
    public function drag(string $xpath, string $toXpath): self
    {
        $what = $this->element($xpath);
        $to = $this->element($toXpath);
        $this->intoSight($to);
        $this->driver
            ->action()
            ->moveToElement($what)
            ->clickAndHold()
            ->moveByOffset(4, 6)
            ->moveByOffset(6, 6)
            ->perform();
        // Near an edge the page scrolls under the pointer; the hand follows until it rests.
        foreach ([1, 2, 3] as $try) {
            $this->driver->action()->moveToElement($to)->perform();
            usleep(150_000);
        }
        $this->driver->action()->moveToElement($to)->moveByOffset(1, 0)->release()->perform();

        return $this;
    }

    public function waitFor(string $text): self
    {
        $this->until(
            fn (): bool => str_contains($this->text(), $text),
            fn (): string => 'the page reads: '.mb_strimwidth($this->text(), 0, 600, '…').'…'
                .mb_substr($this->text(), -600)."\nFields: ".json_encode($this->script(
                    'return Object.fromEntries([...document.querySelectorAll("input, select")]'
                        .'.map((field) => [field.ariaLabel ?? field.id, field.value]))',
                ))."\n“{$text}” does not show.",
        );

        return $this;
    }

    public function waitUntilGone(string $text, float $seconds = self::WAIT_SECONDS): self
    {
        $this->until(fn (): bool => ! str_contains($this->text(), $text), "“{$text}” still shows", $seconds);

        return $this;
    }

    /** Opens all that is folded. */
    public function unfold(): self
    {
        $this->script('document.querySelectorAll("details").forEach((one) => { one.open = true; })');

        return $this;
    }

    public function text(): string
    {
        $text = $this->driver->executeScript('return document.body.innerText');

        // No-break spaces look like any other to a reader.
        return is_string($text) ? str_replace("\u{00A0}", ' ', $text) : '';
    }

    public function script(string $script): mixed
    {
        return $this->driver->executeScript($script);
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH);
    }

    public function screenshot(string $path): self
    {
        $this->driver->takeScreenshot($path);

        return $this;
    }

    /** @return list<string> serious and critical findings of axe-core on the page as it stands */
    public function axeFindings(): array
    {
        $this->driver->executeScript(
            (string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'),
        );
        $found = $this->driver->executeAsyncScript(
            <<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { resultTypes: ['violations'] }).then((result) => done(result.violations
                .filter((violation) => violation.impact === 'serious' || violation.impact === 'critical')
                .map((violation) => `${violation.id}: ${violation.nodes.slice(0, 4)
                    .map((node) => node.html.slice(0, 200) + ' ' + node.any.map((a) => a.message).join(' '))
                    .join(' | ')}`)));
            JS);

        return is_array($found) ? array_values(array_filter($found, is_string(...))) : ['axe did not run'];
    }

    /** @return list<string> errors and warnings the page wrote to the console since last asked */
    public function consoleProblems(): array
    {
        $problems = [];
        foreach ($this->driver->manage()->getLog('browser') as $line) {
            if (is_array($line) && in_array($line['level'] ?? '', ['SEVERE', 'WARNING'], true)) {
                $problems[] = (string) $line['message'];
            }
        }

        return $problems;
    }

    /** @return list<string> addresses outside the application that the page asked for since last asked */
    public function strangeRequests(): array
    {
        $strange = [];
        foreach ($this->driver->manage()->getLog('performance') as $line) {
            $message = json_decode(is_array($line) ? (string) $line['message'] : '', true)['message'] ?? [];
            $url = $message['params']['request']['url'] ?? '';
            if (
                ($message['method'] ?? '') === 'Network.requestWillBeSent'
                && is_string($url)
                && ! str_starts_with($url, $this->baseUrl)
                && preg_match('~^(data|blob|chrome|about):~', $url) !== 1
            ) {
                $strange[] = $url;
            }
        }

        return $strange;
    }

    public function element(string $xpath): WebDriverElement
    {
        $found = null;
        $this->until(function () use ($xpath, &$found): bool {
            foreach ($this->driver->findElements(WebDriverBy::xpath($xpath)) as $element) {
                if ($element->isDisplayed()) {
                    $found = $element;

                    return true;
                }
            }

            return false;
        }, fn (): string => "nothing shows at {$xpath}; the page reads: ".mb_strimwidth($this->text(), 0, 1000, '…'));

        return $found instanceof RemoteWebElement ? $found : throw new RuntimeException('No element.');
    }

    /** The log stays at the foot of the window; a keeper scrolls what lies under it into sight. */
    private function intoSight(WebDriverElement $element): WebDriverElement
    {
        // What comes in late above it moves it yet: a hand waits until it rests, or it presses what was there before.
        $this->driver->manage()->timeouts()->setScriptTimeout(self::WAIT_SECONDS);
        $this->driver->executeAsyncScript(
            'const [what, done] = arguments; what.scrollIntoView({ block: "center" }); const place = () => { '
                .'const box = what.getBoundingClientRect(); return `${box.x} ${box.y} ${box.width} ${box.height}`; }; '
                .'let last = ""; let rests = 0; const look = () => { const now = place(); '
                .'rests = now === last ? rests + 1 : 0; last = now; '
                .'if (rests === 3) { done(); } else { requestAnimationFrame(look); } }; look();',
            [$element],
        );

        return $element;
    }

    private function field(string $label): WebDriverElement
    {
        $quoted = $this->quoted($label);

        return $this->element(
            "//*[@id = //label[starts-with(normalize-space(.), {$quoted})]/@for] | //*[self::input or "
                ."self::select][@aria-label={$quoted}]",
        );
    }

    private function quoted(string $text): string
    {
        return str_contains($text, '"') ? "'{$text}'" : "\"{$text}\"";
    }

    /** @param  callable(): bool  $holds */
    private function until(
        callable $holds,
        string|callable $otherwise,
        float $seconds = self::WAIT_SECONDS,
    ): void {
        $end = microtime(true) + $seconds;
        do {
            try {
                $isHeld = $holds();
            } catch (StaleElementReferenceException|ElementClickInterceptedException) {
                // The page was redrawn between looking and touching; look again.
                $isHeld = false;
            }
            $isHeld || usleep(50_000);
        } while (! $isHeld && microtime(true) < $end);

        // It holds at last, or not; that it took long on a busy machine is no fault.
        Assert::assertTrue(
            $isHeld,
            $isHeld ? '' : 'Waited in vain: '.(is_callable($otherwise) ? $otherwise() : $otherwise),
        );
    }

    /** @param  array<string, mixed>  $parameters */
    private function devTools(string $command, array $parameters): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute($command, $parameters);
    }

    /** Brushes over a drawing with the mouse, from one share of its width to another. */
    public function brush(string $xpath, float $from, float $to): self
    {
        $drawing = $this->element($xpath);
        $this->intoSight($drawing);
        $width = $drawing->getSize()->getWidth();
        $this->driver->action()
            ->moveToElement($drawing, (int) round(($from - 0.5) * $width), -20)
            ->clickAndHold()
            ->moveByOffset((int) round(($to - $from) / 2 * $width), 1)
            ->moveByOffset((int) round(($to - $from) / 2 * $width), 0)
            ->release()
            ->perform();

        return $this;
    }
}
