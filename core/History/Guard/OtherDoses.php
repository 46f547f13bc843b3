<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use DateTimeImmutable;
use DateTimeZone;
use Ithys\Assumption\Assumptions;
use Ithys\Dosing\DoseMethods;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Renewal\Renewal;
use Ithys\Media\LanthanumPlan;
use Ithys\Media\Medium;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\System\Setup;

/** Zeolite, biological media and lanthanum: what to do first, how much, and what not to do. */
final readonly class OtherDoses
{
    /** Days of the journal that are looked at. */
    public const DAYS = 550;

    /** Days after which a reading no longer says how things stand. */
    private const FRESH = 7.0;

    /** ppm of ammonia from which zeolite has first work to do, and fish suffer. */
    private const AMMONIA = 0.25;

    /** Micron at which lanthanum's flakes are caught: common practice is 10 to 25. */
    private const FINE = 25.0;

    /** ppm of phosphate where no target is picked: our estimate. */
    private const WANTED = 0.05;

    /** @param  list<Entry>  $entries  in order of time */
    public function __construct(
        private Setup $setup,
        private array $entries,
        private Assumptions $assumptions,
        /** In which days are told. */
        private DateTimeZone $zone,
        private DateTimeImmutable $now,
    ) {
    }

    /**
     * One part each: a line to log where one may be, and the query of a charge to dose.
     *
     * @param  ?float  $wanted  ppm of phosphate; null where no target is picked
     * @return list<array{title: string, says: list<Text|string>, caution: string,
     *   log: ?array{label: string, line: string, isOpen: bool}, dose: ?array{medium: string, where: string}}>
     */
    public function parts(?float $wanted): array
    {
        return [$this->zeolite(), $this->biological(), $this->lanthanum($wanted ?? self::WANTED)];
    }

    /**
     * @return array{title: string, says: list<Text|string>, caution: string,
     *   log: ?array{label: string, line: string, isOpen: bool}, dose: ?array{medium: string, where: string}}
     */
    private function zeolite(): array
    {
        $setup = $this->setup;
        $item = $setup->path?->itemsOf(Kind::Zeolite)[0] ?? null;
        $flow = ($item === null ? null : $setup->situation()?->course->flowEach($item))
            ?? $setup->litresPerHour()?->value;
        $road = (new DoseMethods($this->assumptions))->byVolume(
            Medium::Zeolite,
            $setup->workingVolume()->litres,
            $flow,
        );
        $ammonia = Reading::last($this->entries, Parameter::Ammonia);
        $isFresh = $ammonia !== null && -$ammonia->daysAfter($this->now) <= self::FRESH;
        $value = $ammonia?->payload instanceof Reading ? $ammonia->payload->value : 0.0;

        return [
            'title' => 'Zeolite, by flow',
            'says' => [
                match (true) {
                    ! $isFresh => 'Read ammonia first: it is what zeolite takes. Press L and write, for example, '
                        .'“nh4 0.05”.',
                    $value >= self::AMMONIA => 'Ammonia stands at a level that harms fish. Find where it comes from, '
                        .'change water, and read it daily; zeolite helps meanwhile.',
                    default => 'Ammonia is as good as none: zeolite has little to take here.',
                },
                Text::of(
                    '{grams}: {assumes}',
                    grams: Quantity::grams($road->grams ?? 0.0),
                    assumes: $road->assumes,
                ),
                ...$flow === null ? ['The flow past it is not known; in a faster path it is cut.'] : [],
            ],
            'caution' => 'Only aquarium zeolite. Industrial and cat-litter grades shed dust and metals.',
            'log' => null,
            'dose' => ['medium' => Medium::Zeolite->value, 'where' => $item->id ?? 'bag'],
        ];
    }

    /**
     * @return array{title: string, says: list<Text|string>, caution: string,
     *   log: ?array{label: string, line: string, isOpen: bool}, dose: ?array{medium: string, where: string}}
     */
    private function biological(): array
    {
        $every = $this->assumptions->value((string) Medium::Biological->key('calendar'));
        $day = fn (DateTimeImmutable $at): string => $at->setTimezone($this->zone)->format('j F Y');
        $last = null;
        $lately = 0.0;
        foreach ($this->entries as $entry) {
            if ($entry->payload instanceof Renewal) {
                $last = $entry;
                $lately += -$entry->daysAfter($this->now) < $every ? $entry->payload->share : 0.0;
            }
        }
        $may = $lately + 1 / 3 <= Renewal::MOST + 1e-9;

        return [
            'title' => 'Biological media, by thirds',
            'says' => [
                $may ? Text::of('A third may be renewed now.') : Text::of(
                    '{share} was renewed within the last {days} days. Wait: more takes away the bacteria that keep '
                        .'ammonia at nought, and can kill fish.',
                    share: Quantity::share($lately),
                    days: (int) round($every),
                ),
                ...$last === null ? [] : [
                    "Last renewed {$day($last->at)}; the next third from "
                        .$day($last->at->modify('+'.((int) round($every)).' days')).'.',
                ],
                'A third every six months makes eighteen months for all: common practice.',
            ],
            'caution' => 'Never all at once.',
            'log' => ['label' => 'A third is renewed', 'line' => Renewal::of(1 / 3)->line(), 'isOpen' => $may],
            'dose' => ['medium' => Medium::Biological->value, 'where' => 'basket'],
        ];
    }

    /** Whether the path has what catches the flakes of lanthanum. */
    public static function hasFineFilter(Setup $setup): bool
    {
        return array_filter(
            $setup->path?->itemsOf(Kind::Sock, Kind::Roller) ?? [],
            static fn (Item $item): bool => ($item->figure(Figure::Micron) ?? INF) <= self::FINE
                && $item->choice(Choice::Material) !== 'mesh',
        ) !== [];
    }

    /**
     * @return array{title: string, says: list<Text|string>, caution: string,
     *   log: ?array{label: string, line: string, isOpen: bool}, dose: ?array{medium: string, where: string}}
     */
    private function lanthanum(float $wanted): array
    {
        $setup = $this->setup;
        $last = Reading::last($this->entries, Parameter::Phosphate);
        $stands = $last?->payload instanceof Reading && -$last->daysAfter($this->now) <= self::FRESH
            ? $last->payload->value
            : null;
        $isFiltered = self::hasFineFilter($setup);
        $plan = $stands === null ? null : LanthanumPlan::of(
            $stands - $wanted,
            $setup->workingVolume()->litres,
            $this->assumptions->value('fall-limit'),
            $this->assumptions->value('lanthanum-efficiency'),
        );

        return [
            'title' => 'Lanthanum, the last resort',
            'says' => [match (true) {
                $stands === null || $plan === null => Text::of('Read phosphate first.'),
                $stands <= $wanted => Text::of(
                    'Phosphate stands at {stands}, no higher than the {wanted} that is wanted.',
                    stands: Quantity::ppm($stands),
                    wanted: Quantity::ppm($wanted),
                ),
                ! $isFiltered => Text::of('Not planned: the path has no sock or roller of 25 micron or finer. '
                    .'Lanthanum makes flakes that clog gills; without a fine filter they reach the fish.'),
                default => Text::of(
                    'Phosphate stands at {stands}. To bring it to {wanted}: {all} mg of lanthanum in all, no faster '
                        .'than {aDay} mg a day over {days} days, so that it falls by no more than {limit} a week. '
                        .'Read phosphate every other day.',
                    stands: Quantity::ppm($stands),
                    wanted: Quantity::ppm($wanted),
                    all: Quantity::number($plan->milligrams, 0),
                    aDay: Quantity::number($plan->milligramsADay(), 1),
                    days: $plan->days,
                    limit: Quantity::ppm($this->assumptions->value('fall-limit')),
                ),
            }],
            'caution' => 'It clouds the water and can kill fish. Only by those who know it: dilute it, drip it slowly '
                .'into a fine sock, and stop when fish breathe fast. Food, socks, water and GFO come first.',
            'log' => null,
            'dose' => null,
        ];
    }
}
