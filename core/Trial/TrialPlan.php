<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Journal\Reading\Parameter;
use Ithys\Nutrient\Parameters;
use Ithys\Quantity\UnitSystem;

/** What a trial asks and how it is run: arms with units, of which the first is the control, feed, days and kits. */
final readonly class TrialPlan
{
    public const FORMAT = 'ithys-trial';

    public const SCHEMA = 2;

    /** Its readings stood in the plan itself: one parameter. */
    private const FIRST_SCHEMA = 1;

    public const MOST_READS = 3;

    private const MOST_ARMS = 4;

    /**
     * @param  non-empty-list<TrialRead>  $reads  what is read, each parameter once
     * @param  list<string>  $arms  names; the control is the first
     */
    private function __construct(
        public string $question,
        public array $reads,
        public array $arms,
        public string $control,
        public TrialFeed $feed,
        /** When it stops before its last day; empty where it never does. */
        public string $stop,
        public TrialSetup $setup,
    ) {
    }

    /**
     * @param  array<mixed>  $typed
     *
     * @throws Refused
     */
    public static function typed(array $typed, UnitSystem $units): self
    {
        return self::read(Reader::typed($typed, $units));
    }

    /**
     * @param  array<mixed>  $document
     *
     * @throws Refused
     */
    public static function stored(array $document): self
    {
        if (($document['schema'] ?? null) === self::FIRST_SCHEMA) {
            $document = [
                'reads' => [array_intersect_key($document, ['parameter' => 1, 'step' => 1, 'scatter' => 1])],
                'feed' => 'not told',
                ...$document,
                'schema' => self::SCHEMA,
            ];
        }

        return self::read(Reader::stored($document, 'trial', 'a trial', self::FORMAT, self::SCHEMA));
    }

    /** @throws Refused */
    private static function read(Reader $reader): self
    {
        $question = $reader->text('question', 200);
        $question !== '' || $reader->note('Write the question, such as “Do the stones lower nitrate?”.', 'question');
        $control = $reader->text('control', 200);
        $control !== '' || $reader->note(
            'Say what the control has: as much of something with a real surface, not bare glass.',
            'control',
        );
        $plan = new self(
            $question,
            self::reads($reader),
            self::arms($reader),
            $control,
            TrialFeed::read($reader),
            $reader->text('stop', 200),
            TrialSetup::read($reader),
        );
        $reader->close();

        return $plan;
    }

    /** @return list<string> */
    private static function arms(Reader $reader): array
    {
        $arms = array_values(array_filter(
            array_map(static fn (mixed $one): string => is_string($one) ? trim($one) : '', $reader->values('arms')),
            static fn (string $one): bool => $one !== '',
        ));
        if (count($arms) < 2 || count($arms) > self::MOST_ARMS) {
            $reader->note('Name two to four arms, the control first.', 'arms');
        } elseif (count(array_unique(array_map(mb_strtolower(...), $arms))) < count($arms)
            || max(array_map(mb_strlen(...), $arms)) > 40) {
            $reader->note('Each arm needs a name of its own, of at most 40 characters.', 'arms');
        }

        return $arms;
    }

    /** @return non-empty-list<TrialRead> */
    private static function reads(Reader $reader): array
    {
        $reads = array_map(TrialRead::read(...), $reader->list('reads'));
        $names = array_map(static fn (TrialRead $one): string => $one->parameter->value, $reads);
        if ($reads === [] || count($reads) > self::MOST_READS || array_unique($names) !== $names) {
            $reader->note('Name one to three things that are read, each once.', 'reads');
        }

        return $reads === [] ? [TrialRead::read(Reader::plain(['parameter' => Parameter::Nitrate->value]))] : $reads;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            'question' => $this->question,
            'reads' => array_map(static fn (TrialRead $one): array => $one->toArray(), $this->reads),
            'arms' => $this->arms,
            'control' => $this->control,
            ...$this->feed->toArray(),
            'stop' => $this->stop,
            ...$this->setup->toArray(),
        ];
    }

    /** @return array<string, Field> */
    public static function fields(): array
    {
        return [...TrialSetup::fields(), ...TrialFeed::fields(), ...TrialRead::fields()];
    }

    /** The reading of a parameter; null where it is not read. */
    public function reading(Parameter $parameter): ?TrialRead
    {
        foreach ($this->reads as $one) {
            if ($one->parameter === $parameter) {
                return $one;
            }
        }

        return null;
    }

    /** How many comparisons it makes: each pair of arms in all that is read. */
    public function comparisons(): int
    {
        return count($this->reads) * intdiv(count($this->arms) * (count($this->arms) - 1), 2);
    }

    /** Whether a verdict can come of it at all: one unit an arm tells nothing. */
    public function mayTell(): bool
    {
        return $this->setup->units >= 2;
    }

    /**
     * The level that a unit should gain by the nitrogen it was fed, ppm of nitrate.
     *
     * @param  list<array{int, float}>  $changes  of the feed, as {@see TrialFeed::until()} has them
     * @return ?float null for other parameters, and where the feed is not known
     */
    public function fed(Parameter $parameter, int $day, Parameters $figures, array $changes = []): ?float
    {
        $nitrogen = $parameter === Parameter::Nitrate ? $this->feed->until($day, $figures, $changes) : null;

        return $nitrogen === null ? null : TrialFeed::NITRATE * $nitrogen / $this->setup->litres;
    }
}
