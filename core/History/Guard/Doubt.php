<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Quantity\Text;

/** Why a dose is asked about or refused, in one sentence or two. */
final readonly class Doubt
{
    private function __construct(public Answer $answer, public string $code, public Text $sentence)
    {
    }

    public static function ask(string $code, Text $sentence): self
    {
        return new self(Answer::Ask, $code, $sentence);
    }

    public static function refuse(string $code, Text $sentence): self
    {
        return new self(Answer::Refuse, $code, $sentence);
    }

    /** @param  list<self>  $doubts */
    public static function answer(array $doubts): Answer
    {
        return $doubts === [] ? Answer::Fine : self::inOrder($doubts)[0]->answer;
    }

    /**
     * @param  list<self>  $doubts
     * @return list<self> the gravest first
     */
    public static function inOrder(array $doubts): array
    {
        usort($doubts, static fn (self $a, self $b): int => $a->answer->rank() <=> $b->answer->rank());

        return $doubts;
    }
}
