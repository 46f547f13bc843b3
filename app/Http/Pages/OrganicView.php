<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\DoseDoor;
use App\Models\Ramp as RampRow;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\History\Guard\CarbonPlan;
use Ithys\History\Guard\DoseContext;
use Ithys\History\Guard\OrganicCarbon;
use Ithys\History\Guard\RampCheck;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Media\Ramp;
use Ithys\Nutrient\InvalidLever;

/** Organic carbon: equal doses, a slow beginning, and whether it may be raised. */
final class OrganicView
{
    private const WEEKS = 12;

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, CarbonSource $source, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $assumptions = $system->assumptions();
        $here = (new DoseDoor($system))->context($now);
        $check = RampCheck::of($here);
        $plan = new CarbonPlan($here, $source);
        [$full, $ramp, $running] = [$plan->full, $plan->ramp, $plan->running()];
        $series = self::series($system, $source, $ramp, $now);
        $below = $plan->below(array_map(
            static fn (array $points): float => $points === [] ? INF : $points[count($points) - 1][1],
            $series['other'] ?? [],
        ));
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
            'running' => $running === null ? null : $words->say($running),
            'mayStart' => $check->mayStart(),
            'below' => $below === null ? null : $words->say($below),
            'rule' => CarbonPlan::RULE,
            'pellets' => CarbonPlan::PELLETS,
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
                'present' => ForecastView::series($outlook->along($outlook->present, self::WEEKS)),
                'other' => ForecastView::series($outlook->along(
                    $outlook->present->ramping($source->value, $ramp->doses),
                    self::WEEKS,
                )),
            ];
        } catch (InvalidLever) {
            return null;
        }
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
