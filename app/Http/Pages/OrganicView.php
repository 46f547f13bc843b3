<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\DoseDoor;
use App\Models\Ramp as RampRow;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\History\Guard\DoseContext;
use Ithys\History\Guard\OrganicCarbon;
use Ithys\History\Guard\RampCheck;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Media\Ramp;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\Words;

/** Organic carbon: equal doses, a slow beginning, and whether it may be raised. */
final class OrganicView
{
    private const WEEKS = 12;

    private const PELLETS = 'Solid pellets in a reactor give carbon by the water that goes through: nobody can say '
        .'how many mg a day. The model leaves them out. Throttle the flow, lead it into the skimmer, and log them as '
        .'an unlisted medium.';

    private const RULE = 'the water clouds, slime grows, fish gasp, or nitrate or phosphate is at zero. Then step '
        .'down to half, move the surface, and read again. This is organic carbon, a dose; activated carbon is a '
        .'medium.';

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, CarbonSource $source, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $setup = $system->setupAt($now);
        $assumptions = $system->assumptions();
        $litres = $setup->workingVolume()->litres;
        $here = (new DoseDoor($system))->context($now);
        $check = RampCheck::of($here);
        $full = OrganicCarbon::equal(
            $assumptions->value('spirit-full') * $litres / 100,
            CarbonSource::Spirit,
            $source,
            $assumptions,
        );
        $given = $here->givenCarbon() / OrganicCarbon::perMillilitre($source, $assumptions);
        $ramp = Ramp::to($full, $given);
        $series = self::series($system, $source, $ramp, $now);
        $under = $system->ramps()->whereNull('ended_at')->latest('id')->first();

        return [
            'source' => $source->value,
            'sources' => array_map(static fn (CarbonSource $one): array => [
                'key' => $one->value,
                'name' => $one->label(),
                'mgEach' => OrganicCarbon::perMillilitre($one, $assumptions),
                'equal' => OrganicCarbon::equal(1.0, CarbonSource::Spirit, $one, $assumptions),
                'full' => OrganicCarbon::equal($full, $source, $one, $assumptions),
            ], CarbonSource::cases()),
            'doses' => $ramp->doses,
            'running' => $given <= 0.0 ? null : $words->say(Text::of(
                $given >= $full
                    ? 'You already dose about {given} of {source} a day, as much as a full dose of {full}. The ramp '
                        .'does not raise it.'
                    : 'You already dose about {given} of {source} a day. The ramp continues from there.',
                given: Quantity::millilitres($given),
                source: $source->label(),
                full: Quantity::millilitres($full),
            )),
            'mayStart' => $check->mayStart(),
            'below' => self::below($series, $here, $words),
            'rule' => self::RULE,
            'pellets' => self::PELLETS,
            'stops' => array_map($words->say(...), $check->stops),
            'holds' => array_map($words->say(...), $check->holds),
            'fine' => array_map($words->say(...), $check->fine),
            'series' => $series,
            'under' => $under === null ? null : self::under($under, $check, $here, $keeper),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function series(System $system, CarbonSource $source, Ramp $ramp, DateTimeImmutable $now): ?array
    {
        $outlook = ForecastView::outlook($system, $now)['outlook'];
        if ($outlook === null) {
            return null;
        }
        try {
            return [
                'present' => ForecastView::series($outlook, $outlook->present, self::WEEKS),
                'other' => ForecastView::series(
                    $outlook,
                    $outlook->present->ramping($source->value, $ramp->doses),
                    self::WEEKS,
                ),
            ];
        } catch (InvalidLever) {
            return null;
        }
    }

    /**
     * Where the ramp would lead below what is wanted; null where it does not, or where that cannot be foreseen.
     *
     * @param  ?array<string, array<string, list<array{float, float, float, float}>>>  $series
     */
    private static function below(?array $series, DoseContext $here, Words $words): ?string
    {
        foreach ($series['other'] ?? [] as $key => $points) {
            $end = $points[count($points) - 1] ?? null;
            $least = $here->targets[$key][0] ?? null;
            if ($end !== null && $least !== null && $end[1] < $least) {
                return $words->say(Text::of(
                    'The ramp leads {nutrient} to about {then}, below your target of {least}.',
                    nutrient: Parameter::from($key)->label(),
                    then: Quantity::ppm($end[1]),
                    least: Quantity::ppm($least),
                ));
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private static function under(RampRow $row, RampCheck $check, DoseContext $here, User $keeper): array
    {
        $ramp = Ramp::stored($row->doses);
        $now = $here->at;
        $week = intdiv($now->getTimestamp() - $row->begun_at->getTimestamp(), 7 * 86_400);
        $each = OrganicCarbon::perMillilitre($row->source, $here->assumptions);
        $was = $here->givenCarbon() / $each;
        $dose = $check->dose($ramp, $week, $was);
        $given = array_filter($here->entries, static fn (Entry $entry): bool => $entry->payload instanceof CarbonDose
            && $entry->payload->millilitres > 0.0
            && $here->daysAgo($entry) <= 7.0);

        return [
            'id' => $row->id,
            'name' => $row->source->label(),
            'begun' => $row->begun_at->getTimestamp(),
            'week' => $week + 1,
            'planned' => $ramp->in($week),
            'dose' => $dose,
            'says' => $keeper->words()->say($check->reason($was)),
            'logged' => count($given),
            'line' => $dose < 0.005 ? null : "{$row->source->value} "
                .rtrim(rtrim(number_format($dose, 2, '.', ''), '0'), '.').' ml'
                .($check->stops === [] ? '' : ' sure because the ramp steps down'),
        ];
    }
}
