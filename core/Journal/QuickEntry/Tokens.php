<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Quantity\Decimal;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Unit;

/** The words of a line with a cursor that the rules move as they understand them. */
final class Tokens
{
    public int $position = 0;

    /** @param  list<Token>  $tokens */
    private function __construct(private readonly array $tokens, private readonly ?Unit $gallon)
    {
    }

    public static function of(string $line, ?Unit $gallon): self
    {
        preg_match_all('~[^\s;]+~u', $line, $matches, PREG_OFFSET_CAPTURE);
        $tokens = [];
        foreach ($matches[0] as [$text, $byteOffset]) {
            $trimmed = rtrim($text, ',');
            if ($trimmed !== '') {
                $tokens[] = new Token($trimmed, mb_strlen(substr($line, 0, $byteOffset)));
            }
        }

        return new self($tokens, $gallon);
    }

    public function peek(int $ahead = 0): ?Token
    {
        return $this->tokens[$this->position + $ahead] ?? null;
    }

    public function at(int $position): ?Token
    {
        return $this->tokens[$position] ?? null;
    }

    /** Takes the next word when it is one of these. */
    public function take(string ...$words): bool
    {
        if (! in_array($this->peek()?->word, $words, true)) {
            return false;
        }
        $this->position++;

        return true;
    }

    /** Takes the next two words when they are these. */
    public function takePair(string $first, string ...$seconds): bool
    {
        if ($this->peek()?->word !== $first || ! in_array($this->peek(1)?->word, $seconds, true)) {
            return false;
        }
        $this->position += 2;

        return true;
    }

    /**
     * Takes the next words when they are these, all of them.
     *
     * @param  list<string>  $words
     */
    public function takePhrase(array $words): bool
    {
        foreach ($words as $i => $word) {
            if ($this->peek($i)?->word !== $word) {
                return false;
            }
        }
        $this->position += count($words);

        return $words !== [];
    }

    /** All words up to the end of the line, taken. */
    public function rest(): string
    {
        $rest = implode(
            ' ',
            array_map(static fn (Token $token): string => $token->text, array_slice($this->tokens, $this->position)),
        );
        $this->position = count($this->tokens);

        return $rest;
    }

    /**
     * Takes "120 g", "120g", "<0.02", "1 1/2 cups" or a bare figure; null when no figure stands here.
     *
     * @throws InvalidQuantity when a unit is attached that does not measure one of the wanted dimensions, or a gallon
     *   is not told apart
     */
    public function amount(Dimension ...$wanted): ?WrittenAmount
    {
        $text = ltrim($this->peek()->text ?? '', '=:');
        if (preg_match('~^(<)?([\d.,]+(?:/\d+)?)(\D.*)?$~u', $text, $match) !== 1) {
            return null;
        }
        $this->position++;
        $number = $match[2];
        $attached = $match[3] ?? '';
        if ($attached === '' && ctype_digit($number) && preg_match('~^\d+/\d+$~', $this->peek()->text ?? '') === 1) {
            $number .= ' '.$this->peek()?->text;
            $this->position++;
        }
        $decimal = Decimal::parse($number);
        $unit = $attached === '' ? $this->unit($wanted) : $this->attachedUnit($attached, $wanted);

        return new WrittenAmount($decimal->value, $decimal->step, $unit, $match[1] === '<');
    }

    /** @param  array<Dimension>  $wanted */
    private function attachedUnit(string $word, array $wanted): Unit
    {
        $unit = Unit::fromWord($word, $this->gallon) ?? throw InvalidQuantity::unknownUnit($word);
        if (! in_array($unit->dimension(), $wanted, true)) {
            throw InvalidQuantity::wrongDimension($unit, $wanted[0] ?? $unit->dimension());
        }

        return $unit;
    }

    /** @param  array<Dimension>  $wanted */
    private function unit(array $wanted): ?Unit
    {
        foreach ([3, 2, 1] as $words) {
            if ($this->peek($words - 1) === null) {
                continue;
            }
            $written = implode(
                ' ',
                array_map(
                    static fn (Token $token): string => $token->text,
                    array_slice($this->tokens, $this->position, $words),
                ),
            );
            $start = $this->position;
            $this->position += $words;
            $unit = Unit::fromWord($written, $this->gallon);
            if ($unit !== null) {
                return in_array($unit->dimension(), $wanted, true)
                    ? $unit
                    : throw InvalidQuantity::wrongDimension($unit, $wanted[0] ?? $unit->dimension());
            }
            $this->position = $start;
        }

        return null;
    }
}
