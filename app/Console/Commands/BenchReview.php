<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\EditTiming;
use App\Console\Stopwatch;
use App\Http\Pages\PathForm;
use Illuminate\Console\Command;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Path\Sizing\Sizing;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/** Times the review of a path of thirty items in the core, and the answer to an edit through the whole application. */
final class BenchReview extends Command
{
    protected $signature = 'bench:review {--runs=100}';

    protected $description = 'Time the review of a path of thirty items, in the core and through the application';

    public function handle(): int
    {
        $runs = (int) $this->option('runs');
        $path = $this->path();
        $tank = new Tank(
            Display::box(1200, 500, 500, 30),
            new BesideDisplay(60, 8),
            new Ground(20, 30),
            new Conditions(35, 25),
            2400,
            TurnoverSchool::Moderate,
        );
        $core = Stopwatch::milliseconds($runs, static function () use ($path, $tank): void {
            $here = new Situation($path, $tank);
            Review::of($here);
            Sizing::of($here);
        });
        $this->line(
            sprintf(
                'review and sizing of %d items in the core: median %.2f ms, p95 %.2f ms, %d findings',
                count($path->items()),
                $core->median,
                $core->p95,
                count(Review::of(new Situation($path, $tank))->findings),
            ),
        );

        $this->line(EditTiming::of('path/preview', ['path' => PathForm::of($path, UnitSystem::Metric)], $runs));

        return self::SUCCESS;
    }

    /** Every kind of equipment but a few, in three lines. */
    private function path(): Path
    {
        $item = static fn (Kind $kind): array => [
            'id' => $kind->value,
            'kind' => $kind->value,
            'figures' => ['flowLimitLitresPerHour' => 900],
            'flags' => ['loose'],
        ];
        $kinds = array_values(
            array_filter(
                Kind::cases(),
                static fn (Kind $kind): bool => ! in_array(
                    $kind,
                    [Kind::Drain, Kind::CanisterBasket, Kind::CalmSection],
                    true,
                ),
            ),
        );

        return PathDocument::stored([
            'format' => Path::FORMAT,
            'schema' => Path::SCHEMA,
            'name' => 'Bench',
            'style' => 'sump',
            'stockNow' => 'medium',
            'stockPlanned' => 'heavy',
            'lines' => [
                ['id' => 'main', 'items' => array_map($item, array_slice($kinds, 0, 26))],
                [
                    'id' => 'branch',
                    'from' => 'skimmer',
                    'to' => 'sock',
                    'litresPerHour' => 300,
                    'items' => array_map($item, array_slice($kinds, 26, 2)),
                ],
                [
                    'id' => 'tank',
                    'tank' => true,
                    'tankLitres' => 80,
                    'to' => 'sock',
                    'litresPerHour' => 400,
                    'items' => array_map($item, array_slice($kinds, 28)),
                ],
            ],
        ]);
    }
}
