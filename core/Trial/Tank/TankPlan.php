<?php

declare(strict_types=1);

namespace Ithys\Trial\Tank;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Document\Refused;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\UnitSystem;

/** A trial in the keeper's own tanks: what is changed, what is read, and when. */
final readonly class TankPlan
{
    public const FORMAT = 'ithys-tank-trial';

    public const SCHEMA = 1;

    public const CAUTION = 'Stop the trial when animals suffer, or when nitrate or phosphate nears zero: without both, '
        .'corals starve.';

    private const LONGEST_CHANGE = 60;

    private function __construct(
        public string $question,
        public Form $form,
        public Parameter $parameter,
        /** What is put in, switched on or done otherwise, such as "rubble". */
        public string $change,
        public Schedule $schedule,
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
        return self::read(Reader::stored($document, 'trial', 'a trial in a tank', self::FORMAT, self::SCHEMA));
    }

    /** @throws Refused */
    private static function read(Reader $reader): self
    {
        $question = $reader->text('question', 200);
        $question !== '' || $reader->note('Write the question, such as “Does the rubble lower nitrate?”.', 'question');
        $change = $reader->text('change', self::LONGEST_CHANGE);
        $change !== '' || $reader->note('Say what is changed, such as “rubble”.', 'change');
        $parameter = $reader->word('parameter', Parameter::class, 'parameter', Parameter::Nitrate);
        in_array($parameter, Parameter::nutrients(), true) || $reader->note(
            'A trial in a tank reads nitrate or phosphate.',
            'parameter',
        );
        $form = $reader->word('form', Form::class, 'form of a trial', Form::Switched);
        $plan = new self(
            $question,
            $form,
            $parameter,
            $change,
            Schedule::read($reader, $form),
        );
        $reader->close();

        return $plan;
    }

    /** @return array<string, Field> */
    public static function fields(): array
    {
        return Schedule::fields();
    }

    /** @return array<string, string|int> */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            'question' => $this->question,
            'form' => $this->form->value,
            'parameter' => $this->parameter->value,
            'change' => $this->change,
            ...$this->schedule->toArray(),
        ];
    }
}
