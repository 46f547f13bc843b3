<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Ithys\Assumption\Assumptions;
use Ithys\Document\Refused;
use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Scenario\ScenarioDocument;
use Ithys\Nutrient\Scenario\ScenarioResult;

final class RunModel extends Command
{
    protected $signature = 'model:run {file : a scenario, JSON} {--tolerance=1e-7 : relative error of a step}';

    protected $description = 'Run the nutrient model on a scenario file and print its result';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $document = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        $tolerance = (float) $this->option('tolerance');
        if (! is_array($document)) {
            $this->components->error(
                is_file($file) ? "“{$file}” is no JSON object." : "There is no file “{$file}”.",
            );

            return self::FAILURE;
        }
        if ($tolerance < 1e-12 || $tolerance > 1e-2) {
            $this->components->error('The tolerance must be from 1e-12 to 1e-2.');

            return self::FAILURE;
        }
        try {
            $scenario = ScenarioDocument::read($document, Parameters::of(Assumptions::standard()));
            $this->output->writeln((string) json_encode(ScenarioResult::of($scenario, $tolerance)));
        } catch (Refused $refused) {
            foreach ($refused->problems as $place => $sentence) {
                $this->components->error("{$place}: {$sentence}");
            }

            return self::FAILURE;
        } catch (InvalidLever $invalid) {
            $this->components->error($invalid->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
