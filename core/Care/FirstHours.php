<?php

declare(strict_types=1);

namespace Ithys\Care;

use DateTimeImmutable;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\Entry;
use Ithys\Journal\FirstHour\FirstHour;
use Ithys\Journal\Fleece\Fleece;
use Ithys\Journal\Incident\Incident;

/** Whether a start waits for its first hour to be watched, and the valve setting that was found last. */
final readonly class FirstHours
{
    /** Days for which a start is asked about. */
    private const DAYS = 3;

    private const DAY = 86_400;

    /** How to thread a new roll (common practice). */
    public const THREADING = [
        'Switch off what feeds the roller, and let the water drain.',
        'Take the full spool out. Keep hands and sleeves away from the drive.',
        'Put the new roll in with the side to the water that its maker says.',
        'Lead the fleece under the bars, straight and without folds, to the empty spool.',
        'Tape it on, and wind two turns by hand: it must run true at both edges.',
        'Wet the fleece, switch on, and see that the roller advances once and stops.',
        'Log the length of the new roll: “fleece 25 m left”.',
    ];

    private function __construct(
        /** Why a first hour is wanted; null where none is. */
        public ?string $because,
        public ?string $valve,
        public ?DateTimeImmutable $valveFrom,
    ) {
    }

    /**
     * @param  list<Entry>  $entries  care, fleece, incidents and first hours, in order of time
     * @param  list<DateTimeImmutable>  $installed  days from which a design was in use
     */
    public static function of(array $entries, array $installed, DateTimeImmutable $now): self
    {
        [$because, $asked, $valve, $from, $left] = [null, null, null, null, null];
        foreach ($installed as $day) {
            if ($day <= $now && ($asked === null || $day > $asked)) {
                [$because, $asked] = ['a design was installed', $day];
            }
        }
        foreach ($entries as $entry) {
            $one = $entry->payload;
            if ($one instanceof FirstHour) {
                [$valve, $from] = $one->valve === null ? [$valve, $from] : [$one->valve, $entry->at];
                [$because, $asked] = $asked === null || $entry->at >= $asked ? [null, null] : [$because, $asked];

                continue;
            }
            $isLonger = $one instanceof Fleece && $one->leftMm !== null && $left !== null && $one->leftMm > $left;
            $isNew = $one instanceof Care && $one->part === Part::Roller && $one->deed === Deed::Changed;
            $is = match (true) {
                $one instanceof Incident && $one->what === 'power cut' => 'the power was out',
                $isLonger || $isNew => 'a new roll went in',
                default => null,
            };
            $left = $one instanceof Fleece && $one->leftMm !== null ? $one->leftMm : $left;
            [$because, $asked] = $is !== null && ($asked === null || $entry->at >= $asked)
                ? [$is, $entry->at]
                : [$because, $asked];
        }
        $isRecent = $asked !== null && $now->getTimestamp() - $asked->getTimestamp() <= self::DAYS * self::DAY;

        return new self($isRecent ? $because : null, $valve, $from);
    }
}
