<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\History\Story;
use Ithys\History\Timeline\Timeline;
use Ithys\Path\Path;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A journal of some months with acts at any minute, while tank and path change: the same for the same seed. */
final class RandomJournal
{
    private const MINUTES = 1440;

    private Randomizer $random;

    /** @var list<int> minutes at which something happened: others happen at the same moment */
    private array $minutes = [0];

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public static function timeline(int $seed, ?Story $story = null): Timeline
    {
        return (new self($seed))->make($seed, $story);
    }

    private function make(int $seed, ?Story $story): Timeline
    {
        $days = $this->random->getInt(20, 120);
        $lines = [[0, 'no3 8 po4 0.08'], [$this->day($days), 'feeding plan 1.2 g pellet a day growing with stock']];
        for ($n = $this->random->getInt(5, 25); $n > 0; $n--) {
            $lines[] = [$this->day($days), sprintf(
                'no3 %.1f po4 %.2f',
                $this->random->getInt(0, 300) / 10,
                $this->random->getInt(0, 40) / 100,
            )];
        }
        for ($n = $this->random->getInt(3, 60); $n > 0; $n--) {
            $lines[] = [$this->day($days), $this->line()];
        }
        $start = new DateTimeImmutable(Logged::START);
        $setups = [[$start->modify('-40 days'), $this->setup($seed)]];
        for ($n = $this->random->getInt(0, 3); $n > 0; $n--) {
            $setups[] = [
                $start->modify(sprintf('%+d seconds', (int) round(86_400 * $this->day($days)))),
                $this->setup($seed * 10 + $n),
            ];
        }
        usort($setups, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return Timeline::of(
            Logged::entries($lines),
            $setups,
            $start->modify(sprintf('%+d minutes', self::MINUTES * $days + $this->random->getInt(0, self::MINUTES))),
            Assumptions::standard(),
            $story,
        );
    }

    private function setup(int $seed): Setup
    {
        $tank = new Tank(
            Display::volume($this->random->getInt(40, 800)),
            new BesideDisplay($this->random->getInt(0, 60), 0),
            new Ground($this->random->getInt(0, 30), $this->random->getInt(0, 40)),
            new Conditions(35, 25),
            $this->random->getInt(0, 3) === 0 ? null : $this->random->getInt(100, 6000),
            TurnoverSchool::Moderate,
        );

        return new Setup($tank->assuming(Assumptions::standard()), $this->path($seed));
    }

    private function path(int $seed): ?Path
    {
        return $this->random->getInt(0, 3) === 0 ? null : RandomPath::of($seed);
    }

    private function day(int $days): float
    {
        if ($this->random->getInt(0, 3) === 0) {
            return $this->minutes[$this->random->getInt(0, count($this->minutes) - 1)] / self::MINUTES;
        }
        // A few minutes from another or from the end of its week, or anywhere.
        $minute = match ($this->random->getInt(0, 3)) {
            0 => $this->minutes[array_key_last($this->minutes)] + $this->random->getInt(0, 2),
            1 => $this->minutes[array_key_last($this->minutes)] + 7 * self::MINUTES + $this->random->getInt(-1, 1),
            default => $this->random->getInt(0, $days * self::MINUTES),
        };
        $this->minutes[] = min($minute, $days * self::MINUTES);

        return $this->minutes[array_key_last($this->minutes)] / self::MINUTES;
    }

    private function line(): string
    {
        $lines = [
            fn (int $n): string => "stock {$n} g growing ".($n % 5).' % a week',
            fn (int $n): string => "visitors {$n} g for ".($n % 20 + 1).' days',
            fn (int $n): string => sprintf('feeding plan %.1f g pellet a day growing with stock', $n / 60),
            fn (int $n): string => sprintf('feeding plan %.1f g flake a day', $n / 60),
            fn (): string => 'feeding plan off',
            fn (int $n): string => sprintf('fed %.1f g pellet', $n / 60),
            fn (int $n): string => sprintf('fed %.1f g frozen', $n / 30),
            fn (int $n): string => 'sock changed soiling '.($n % 5 + 1),
            fn (): string => 'sponge cleaned',
            fn (): string => 'roller changed',
            fn (int $n): string => "water change {$n} l",
            fn (int $n): string => "harvest {$n} g",
            fn (int $n): string => 'skimmer '.($n % 2 === 0 ? 'off' : 'on'),
            fn (int $n): string => 'refugium light '.($n % 13).' h',
            fn (int $n): string => sprintf('vinegar %.1f ml', $n / 20),
            fn (int $n): string => "gfo {$n} g reactor",
            fn (int $n): string => "gfo {$n} g bag",
            fn (): string => 'gfo out',
            fn (): string => 'gfo out of bag',
            fn (int $n): string => sprintf('dose plan vinegar %.1f ml a day %d days a week', $n / 20, $n % 7 + 1),
            fn (int $n): string => sprintf('dose plan vodka %.1f ml a day of %d %%', $n / 60, $n % 50 + 40),
            fn (): string => 'dose plan vinegar off',
            fn (): string => 'vinegar stopped',
            fn (): string => 'feeding as before',
            fn (): string => 'feeding stopped',
            fn (int $n): string => "activated carbon {$n} g canister ".($n % 6 + 1).' days a week',
            fn (int $n): string => 'stock '.($n % 9 + 1).' small fish and '.($n % 3 + 1).' large fish',
            fn (int $n): string => "activated carbon {$n} g bag",
            fn (): string => 'activated carbon out',
            fn (int $n): string => "alumina {$n} g bag",
            fn (int $n): string => "lanthanum 1 ml holding {$n} mg",
        ];

        return $lines[$this->random->getInt(0, count($lines) - 1)]($this->random->getInt(5, 120));
    }
}
