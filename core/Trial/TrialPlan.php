<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\UnitSystem;
use Ithys\Statistics\TPower;

/** What a trial asks and how it is run: arms with units, of which the first is the control, feed, days and kit. */
final readonly class TrialPlan
{
    public const FORMAT = 'ithys-trial';

    public const SCHEMA = 1;

    private const MOST_ARMS = 4;

    /** How many times finer the kit of the comparison is. */
    private const FINER = 5.0;

    /** mg of nitrate that a mg of nitrogen makes (IUPAC 2013 atomic weights). */
    private const NITRATE = 4.42664;

    /** @param  list<string>  $arms  names; the control is the first */
    private function __construct(
        public string $question,
        public Parameter $parameter,
        public array $arms,
        public string $control,
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
        $parameter = $reader->word('parameter', Parameter::class, 'parameter', Parameter::Nitrate);
        $plan = new self($question, $parameter, $arms, $control, TrialSetup::read($reader));
        $reader->close();

        return $plan;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            'question' => $this->question,
            'parameter' => $this->parameter->value,
            'arms' => $this->arms,
            'control' => $this->control,
            ...$this->setup->toArray(),
        ];
    }

    /** @return array<string, Field> */
    public static function fields(): array
    {
        return TrialSetup::fields();
    }

    /** How many pairs of arms are compared. */
    public function pairs(): int
    {
        return intdiv(count($this->arms) * (count($this->arms) - 1), 2);
    }

    /** Whether a verdict can come of it at all: one unit an arm tells nothing. */
    public function mayTell(): bool
    {
        return $this->setup->units >= 2;
    }

    /** The smallest difference that it shows in four of five trials, ppm; null where it can show none. */
    public function smallest(): ?float
    {
        return self::shown($this->setup->units, $this->setup->scatter, $this->pairs());
    }

    /** @return list<array{what: string, smallest: ?float}> what more units, readings or a finer kit would buy */
    public function options(): array
    {
        [$units, $scatter] = [$this->setup->units, $this->setup->scatter];
        $of = fn (int $units, Scatter $scatter): ?float => self::shown($units, $scatter, $this->pairs());

        return [
            ['what' => 'As planned', 'smallest' => $this->smallest()],
            ['what' => 'One more unit an arm', 'smallest' => $of($units + 1, $scatter)],
            ['what' => 'Two more units an arm', 'smallest' => $of($units + 2, $scatter)],
            ['what' => 'A kit with a fifth of the step', 'smallest' => $of(
                $units,
                new Scatter($scatter->step / self::FINER, $scatter->units),
            )],
        ];
    }

    /** The level that a unit should have by the nitrogen it was fed, ppm of nitrate; null for other parameters. */
    public function fed(float $days): ?float
    {
        return $this->parameter === Parameter::Nitrate
            ? self::NITRATE * $this->setup->nitrogenMgPerDay * $days / $this->setup->litres
            : null;
    }

    private static function shown(int $units, Scatter $scatter, int $pairs): ?float
    {
        $smallest = TPower::smallest($units, alpha: TPower::ALPHA / max(1, $pairs));

        return $smallest === null ? null : $smallest * $scatter->whole();
    }
}
