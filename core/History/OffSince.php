<?php

declare(strict_types=1);

namespace Ithys\History;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Equipment\Equipment;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\Spell\Spell;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Quantity\Text;

/** A device that is off: switched off, off for a time that is not over, or in a pause that has no end yet. */
final readonly class OffSince
{
    private const DAY = 86_400;

    private function __construct(
        public string $device,
        public DateTimeImmutable $since,
        /** When it was meant to be on again; null where that is not known. */
        public ?DateTimeImmutable $until,
        public ?int $entry,
    ) {
    }

    /**
     * The last word on a device counts. A time off that is over is closed; a pause that is over is not, until the
     * device is switched on or paused again.
     *
     * @param  list<Entry>  $entries  in order of time
     * @return list<self> the longest off first
     */
    public static function all(array $entries, DateTimeImmutable $now): array
    {
        $off = [];
        foreach ($entries as $entry) {
            $one = $entry->payload;
            if ($entry->at > $now) {
                break;
            }
            if ($one instanceof SkimmerSwitch || $one instanceof Equipment) {
                $device = $one instanceof Equipment ? $one->device : Spell::SKIMMER;
                $off[$device] = $one->on ? null : new self($device, $entry->at, null, $entry->id);
            } elseif ($one instanceof Spell) {
                $until = $one->until($entry->at);
                $isOver = ! $one->isPause && $until <= $now;
                // What was switched off before stays off when a time off that was logged too is over.
                $isOff = isset($off[$one->device]) && $off[$one->device]->until === null;
                $off[$one->device] = match (true) {
                    $isOff => $off[$one->device],
                    $isOver => null,
                    default => new self($one->device, $entry->at, $until, $entry->id),
                };
            }
        }
        $all = array_values(array_filter($off));
        usort($all, static fn (self $a, self $b): int => $a->since <=> $b->since);

        return $all;
    }

    /** Whether it was to be on again by now, and no entry says that it is. */
    public function isOverdue(DateTimeImmutable $now): bool
    {
        return $this->until !== null && $this->until <= $now;
    }

    /** @return list<Item> of the path that it is */
    public function items(Path $path): array
    {
        $kinds = match ($this->device) {
            Spell::SKIMMER => [Kind::Skimmer],
            'return pump' => [Kind::ReturnPump],
            'feed pump' => [Kind::FeedPump],
            'UV' => [Kind::Uv],
            'heater' => [Kind::Heater],
            'chiller' => [Kind::Chiller],
            'ozone' => [Kind::Ozone],
            'algae reactor' => [Kind::AlgaeReactor],
            'top-off' => [Kind::TopOff],
            'roller' => [Kind::Roller],
            'canister' => [Kind::CanisterBasket],
            default => [],
        };

        return $kinds === [] ? [] : $path->itemsOf(...$kinds);
    }

    /** "off 3 days", as its stage shows it. */
    public function brief(DateTimeImmutable $now): string
    {
        $days = $this->days($now);

        return match (true) {
            $this->isOverdue($now) => 'back on?',
            $days === 0 => 'off',
            default => $days === 1 ? 'off 1 day' : "off {$days} days",
        };
    }

    /** @return string the line of the log that says it is on again */
    public function line(): string
    {
        return mb_strtolower($this->device).' on';
    }

    /** @param  DateTimeImmutable  $now  in the zone that times are told in */
    public function says(DateTimeImmutable $now): Text
    {
        $told = static fn (DateTimeImmutable $at): string => $at->setTimezone($now->getTimezone())->format(
            $at->diff($now)->days > 0 ? 'j M H:i' : 'H:i',
        );
        $days = $this->days($now);

        return match (true) {
            $this->isOverdue($now) => Text::of(
                '{device!}: the pause from {since} was to end at {until}. Check that it is back on.',
                device: $this->device,
                since: $told($this->since),
                until: $told($this->until ?? $now),
            ),
            $this->until !== null => Text::of(
                '{device!}: off until {until}',
                device: $this->device,
                until: $told($this->until),
            ),
            default => Text::of(
                $days > 1 ? '{device!}: off since {since}, {days} days' : '{device!}: off since {since}',
                device: $this->device,
                since: $told($this->since),
                days: $days,
            ),
        };
    }

    private function days(DateTimeImmutable $now): int
    {
        return (int) floor(($now->getTimestamp() - $this->since->getTimestamp()) / self::DAY);
    }
}
