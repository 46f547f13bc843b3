<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Scenario;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Change;
use Ithys\Nutrient\Lever\Dose;
use Ithys\Nutrient\Lever\DoseSchedule;
use Ithys\Nutrient\Lever\FeedException;
use Ithys\Nutrient\Lever\FeedSchedule;
use Ithys\Nutrient\Lever\Flow;
use Ithys\Nutrient\Lever\Harvest;
use Ithys\Nutrient\Lever\Lanthanum;
use Ithys\Nutrient\Lever\Meal;
use Ithys\Nutrient\Lever\Mechanical;
use Ithys\Nutrient\Lever\MediaIn;
use Ithys\Nutrient\Lever\MediaOut;
use Ithys\Nutrient\Lever\Siphon;
use Ithys\Nutrient\Lever\Skimmer;
use Ithys\Nutrient\Lever\Stock;
use Ithys\Nutrient\Lever\WaterChange;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Start;

/** Reads a scenario file; times are days from the start, levels ppm of the ion. */
final readonly class ScenarioDocument
{
    private const LONGEST_DAYS = 10_000.0;

    private const MOST = 1e6;

    private function __construct(private Reader $from, private Parameters $parameters)
    {
    }

    /**
     * @param  array<mixed>  $document
     * @param  Parameters  $parameters  what is not set by the file
     *
     * @throws Refused with a sentence at every place that cannot be read
     */
    public static function read(array $document, Parameters $parameters): Scenario
    {
        $from = Reader::plain($document);
        $reader = new self($from, $parameters);
        $scenario = new Scenario(
            $from->text('name'),
            $from->needed(Field::of('days', 'The number of days', null, 0.0, self::LONGEST_DAYS)),
            $reader->basin($from->group('tank')),
            $reader->start($from->group('start')),
            $reader->parameters($from->group('parameters')),
            $reader->acts(),
        );
        $from->close();

        return $scenario;
    }

    private function basin(Reader $tank): Basin
    {
        $figure = self::figure($tank);

        return new Basin(
            $tank->needed(Field::of('litres', 'The working volume', null, 0.1, self::MOST)),
            $figure('rock_kg') ?? 0.0,
            $figure('sand_kg') ?? 0.0,
            $figure('turnover_per_h') ?? Basin::TURNOVER,
            $figure('display_turnover_per_h') ?? Basin::DISPLAY_TURNOVER,
            $tank->flag('bare_bottom'),
            $figure('topoff_l_per_day') ?? 0.0,
        );
    }

    private function start(Reader $start): Start
    {
        $figure = self::figure($start);

        return new Start(
            $start->needed(Field::of('no3', 'Nitrate at the start', null, 0.0, 10_000.0)),
            $start->needed(Field::of('po4', 'Phosphate at the start', null, 0.0, 1_000.0)),
            $figure('rock_at_po4'),
            [$figure('settled_n') ?? 0.0, $figure('settled_p') ?? 0.0],
            [$figure('organic_n') ?? 0.0, $figure('organic_p') ?? 0.0],
            $start->flag('steady'),
        );
    }

    private function parameters(Reader $set): Parameters
    {
        $parameters = $this->parameters;
        foreach ($this->from->keys('parameters') as $key) {
            if (in_array($key, Parameters::tables(), true)) {
                foreach ($set->keys($key) as $name) {
                    $parameters = $parameters->withRow($key, $name, $this->row($set, $key, $name));
                }
            } elseif ($parameters->has($key)) {
                $parameters = $parameters->with([$key => self::figure($set)($key) ?? 0.0]);
            } else {
                $set->note("There is no parameter called “{$key}”.", $key);
            }
        }

        return $parameters;
    }

    /** @return list<float> */
    private function row(Reader $set, string $table, string $name): array
    {
        $row = $set->group($table)->values($name);
        // A table of single figures holds them bare.
        $row = $row === [] ? [self::figure($set->group($table))($name)] : $row;
        $figures = array_values(array_map(
            floatval(...),
            array_filter($row, static fn (mixed $one): bool => is_int($one) || is_float($one)),
        ));
        if (count($figures) !== Parameters::width($table) || min([0.0, ...$figures]) < 0.0) {
            $set->note(
                "“{$name}” needs ".Parameters::width($table).' figures, none below nought.',
                "{$table}.{$name}",
            );

            return array_fill(0, Parameters::width($table), 0.0);
        }

        return $figures;
    }

    /** @return list<Act> */
    private function acts(): array
    {
        $acts = [];
        foreach ($this->from->list('entries') as $entry) {
            $day = $entry->needed(Field::of('at', 'The day', null, 0.0, self::LONGEST_DAYS));
            $lever = $this->lever($entry);
            if ($lever !== null) {
                $acts[] = new Act($day, $lever);
            }
        }

        return $acts;
    }

    private function lever(Reader $entry): ?Lever
    {
        $figure = self::figure($entry);
        $share = static fn (string $key): ?float => $entry->figure(
            Field::of($key, "“{$key}”", null, 0.0, 1.0),
        );
        $needed = static fn (string $key): float => $entry->needed(
            Field::of($key, "“{$key}”", null, 0.0, self::MOST),
        );
        $do = $entry->text('do');

        return match ($do) {
            'feed-schedule' => new FeedSchedule($this->foods($entry), $entry->flag('grows_with_stock')),
            'feed' => new Meal($this->known($entry, 'food', 'foods'), $needed('grams')),
            'feed-exception' => new FeedException($needed('days'), $needed('times')),
            'stock' => new Stock($needed('grams'), $entry->figure(
                Field::of('growth_per_week', 'The growth', null, -1.0, 10.0),
            ) ?? 0.0),
            'dose-schedule' => new DoseSchedule(
                $this->known($entry, 'source', 'carbon_mg_per_ml'),
                $needed('ml_per_day'),
            ),
            'dose' => new Dose($this->known($entry, 'source', 'carbon_mg_per_ml'), $needed('ml')),
            'mechanical' => new Mechanical(
                $entry->text('stage'),
                $this->medium($entry),
                $share('share_of_flow') ?? 1.0,
                $figure('tau'),
            ),
            'change' => new Change($entry->text('stage'), $share('share') ?? 1.0, $share('spilled') ?? 0.0),
            'skimmer' => new Skimmer(
                $entry->has('on') || $entry->flag('on') ? $entry->flag('on') : null,
                $entry->figure(Field::of('share', 'The share of the skimmer', null, 0.0, 0.99)),
                $entry->figure(Field::of('off_hours_per_day', 'The hours off a day', null, 0.0, 24.0)),
            ),
            'flow' => new Flow($figure('turnover_per_h'), $figure('display_turnover_per_h')),
            'siphon' => new Siphon($share('share') ?? 1.0),
            'algae' => new Algae(
                $entry->text('culture'),
                $figure('watts'),
                $entry->figure(Field::of('hours', 'The hours of light', null, 0.0, 24.0)),
                $entry->figure(Field::of('days_per_week', 'The days a week', null, 0.0, 7.0)),
                $share('dim'),
                $figure('add_g_dry') ?? 0.0,
            ),
            'harvest' => new Harvest($entry->text('culture'), $figure('g_dry'), $share('share')),
            'media' => new MediaIn(
                $entry->text('charge'),
                $this->known($entry, 'medium', 'media'),
                $needed('grams'),
                $this->known($entry, 'place', 'contact'),
                $entry->has('vessel') ? $entry->text('vessel') : null,
                $figure('flow_l_per_h'),
            ),
            'media-out' => new MediaOut($entry->text('charge')),
            'water-change' => new WaterChange($figure('litres'), $share('share')),
            'lanthanum' => new Lanthanum($needed('mg')),
            default => self::unknown($entry, 'do', $do),
        };
    }

    /** @return array<string, float> grams a day by food */
    private function foods(Reader $entry): array
    {
        $foods = [];
        foreach ($entry->list('foods') as $food) {
            $name = $this->known($food, 'food', 'foods');
            $foods[$name] = ($foods[$name] ?? 0.0) + $food->needed(
                Field::of('grams_per_day', 'The grams a day', null, 0.0, self::MOST),
            );
        }

        return $foods;
    }

    private function medium(Reader $entry): ?string
    {
        $medium = $entry->text('medium');

        return $medium === '' || $medium === 'none' ? null : $this->known($entry, 'medium', 'catch');
    }

    /** A word that a table of parameters knows. */
    private function known(Reader $entry, string $key, string $table): string
    {
        $word = $entry->text($key);
        if ($this->parameters->row($table, $word) === null && ! $this->isSet($table, $word)) {
            self::unknown($entry, $key, $word);
        }

        return $word;
    }

    private function isSet(string $table, string $name): bool
    {
        return in_array($name, $this->from->group('parameters')->keys($table), true);
    }

    private static function unknown(Reader $entry, string $key, string $word): null
    {
        $entry->note(sprintf('“%s” is not known here.', mb_strimwidth($word, 0, 40, '…')), $key);

        return null;
    }

    /** @return callable(string): ?float a figure that need not be there and is never below nought */
    private static function figure(Reader $from): callable
    {
        return static fn (string $key): ?float => $from->figure(Field::of($key, "“{$key}”", null, 0.0, self::MOST));
    }
}
