<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Journal\Reading\Parameter;

/** What is read in each unit: the parameter, by which kit, and by how much equal units differ in it. */
final readonly class TrialRead
{
    /** What a unit can be read for; the first is proposed. */
    public const PARAMETERS = [
        Parameter::Nitrate, Parameter::Phosphate, Parameter::Ammonia, Parameter::Nitrite, Parameter::Alkalinity,
    ];

    private const LONGEST_KIT = 60;

    private function __construct(
        public Parameter $parameter,
        /** Its name, as the keeper says it; empty where none was given. */
        public string $kit,
        public Scatter $scatter,
    ) {
    }

    public static function read(Reader $reader): self
    {
        $fields = self::fields();
        $parameter = $reader->word('parameter', Parameter::class, 'parameter', Parameter::Nitrate);
        in_array($parameter, self::PARAMETERS, true) || $reader->note(
            'A trial in jars reads nitrate, phosphate, ammonia, nitrite or alkalinity.',
            'parameter',
        );

        return new self(
            $parameter,
            $reader->text('kit', self::LONGEST_KIT),
            new Scatter($reader->needed($fields['step']), $reader->needed($fields['scatter'])),
        );
    }

    /** @return array<string, Field> by key */
    public static function fields(): array
    {
        return [
            'step' => Field::of('step', 'The step of the kit', null, 0.0001, 100.0),
            'scatter' => Field::of('scatter', 'The scatter between units', null, 0.0001, 1_000.0),
        ];
    }

    /** @return array<string, string|float> */
    public function toArray(): array
    {
        return [
            'parameter' => $this->parameter->value,
            'kit' => $this->kit,
            'step' => $this->scatter->step,
            'scatter' => $this->scatter->units,
        ];
    }
}
