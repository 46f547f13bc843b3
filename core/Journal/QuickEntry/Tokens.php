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

    /** Words that begin to say when, or join: a name ends before them. */
    public const BESIDE = [
        'today', 'yesterday', 'tonight', 'this', 'last', 'at', 'on', 'and', 'noon', 'midnight', 'cloudy', 'every',
        'weekly', 'daily', 'kit', 'note', 'sure', 'with', 'because',
    ];

    /** What small things are counted in. */
    private const COUNTED = ['cube', 'cubes', 'sheet', 'sheets', 'pinch', 'pinches', '%', 'h', 'hours'];

    /** @param  list<Token>  $tokens */
    private function __construct(
        private readonly array $tokens,
        private readonly ?Unit $gallon,
        private readonly string $line,
    ) {
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

        return new self($tokens, $gallon, $line);
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

    /** Everything up to the end of the line as it is written, taken. */
    public function rest(): string
    {
        $from = $this->peek()?->start;
        $this->position = count($this->tokens);

        return $from === null ? '' : trim(mb_substr($this->line, $from));
    }

    /** Everything up to one of these words, a day such as "3 days ago", or the end of the line, taken as written. */
    public function upTo(string ...$words): string
    {
        $start = $this->position;
        while ($this->peek() !== null && ! in_array($this->peek()->word, [...$words, 'yesterday', 'today'], true)
            && $this->peek(2)?->word !== 'ago') {
            $this->position++;
        }

        return $this->textFrom($start);
    }

    /** The words from a place to the cursor, as they are written. */
    public function textFrom(int $position): string
    {
        $taken = array_slice($this->tokens, $position, max(0, $this->position - $position));
        $first = $taken[0] ?? null;
        $last = $taken[count($taken) - 1] ?? null;
        if ($first === null || $last === null) {
            return '';
        }

        // Where an amount was moved behind its word, the words do not stand so in the line.
        return $last->start < $first->start
            ? implode(' ', array_map(static fn (Token $token): string => $token->text, $taken))
            : mb_substr($this->line, $first->start, $last->end() - $first->start);
    }

    /** Takes so many words, as they are written. */
    public function takeText(int $words): string
    {
        $start = $this->position;
        $this->position = min(count($this->tokens), $this->position + $words);

        return $this->textFrom($start);
    }

    /** Takes the words of a name, up to a figure or a word that says when; empty where none stands here. */
    public function name(int $most = 4): string
    {
        for ($words = 0; $words < $most; $words++) {
            $word = $this->peek($words)->word ?? '';
            if (preg_match('~^[^\W\d_]~u', $word) !== 1 || in_array($word, self::BESIDE, true)) {
                break;
            }
        }

        return $this->takeText($words);
    }

    /** A name in quotation marks, taken; null where none stands here. */
    public function quoted(): ?string
    {
        if (preg_match('~^["“„]~u', $this->peek()->text ?? '') !== 1) {
            return null;
        }
        for ($words = 1; $words <= 8; $words++) {
            if (preg_match('~["”“]$~u', $this->peek($words - 1)->text ?? '') === 1) {
                return trim($this->takeText($words), '"“”„');
            }
        }

        return null;
    }

    /** Takes "3 h", "3h", "90 minutes"; null where no time span stands here. */
    public function hours(): ?float
    {
        $joined = ($this->peek()->word ?? '').($this->peek(1)->word ?? '');
        foreach ([[$this->peek()->word ?? '', 1], [$joined, 2]] as [$text, $words]) {
            if (preg_match('~^(\d{1,4}(?:[.,]\d{1,2})?)(h|hrs?|hours?|m|mins?|minutes?|h/day)$~', $text, $part) === 1) {
                $this->position += $words;

                return (float) str_replace(',', '.', $part[1]) / (str_starts_with($part[2], 'm') ? 60 : 1);
            }
        }

        return null;
    }

    /** Takes "14 days", "2 weeks"; null where no such span stands here. */
    public function days(): ?float
    {
        $start = $this->position;
        $figure = $this->bareFigure();
        $each = match ($this->peek()->word ?? '') {
            'day', 'days', 'd' => 1.0,
            'week', 'weeks', 'w' => 7.0,
            'month', 'months' => 30.0,
            default => null,
        };
        if ($figure === null || $each === null) {
            $this->position = $start;

            return null;
        }
        $this->position++;

        return $each * $figure->number;
    }

    /** Takes "10 %", "10%", "10 percent" as a share; null where none stands here. */
    public function percent(): ?float
    {
        $here = $this->peek()->text ?? '';
        $isAttached = str_ends_with($here, '%');
        if (
            preg_match('~^([\d.,]+)%?$~', $here, $match) !== 1
            || (! $isAttached && ! in_array($this->peek(1)?->word, ['%', 'pct', 'percent'], true))
        ) {
            return null;
        }
        $this->position += $isAttached ? 1 : 2;

        return Decimal::parse($match[1])->value / 100;
    }

    /** How many words the amount at the cursor has, with what it is in; 0 where none stands here. */
    public function amountWords(): int
    {
        $here = $this->peek()->text ?? '';
        if (preg_match('~^[<\~]?[\d.,]+(?:/\d+)?([^\d:/-].*)?$~u', $here, $part) !== 1) {
            return 0;
        }
        $words = $this->isFractionOf(1) ? 2 : 1;
        for ($unit = 3; ($part[1] ?? '') === '' && $unit > 0; $unit--) {
            $written = array_slice($this->tokens, $this->position + $words, $unit);
            $text = implode(' ', array_map(static fn (Token $token): string => $token->text, $written));
            if (count($written) === $unit && $this->isUnit($text)) {
                return $words + $unit;
            }
        }

        return $words;
    }

    /** The same line with the next words, an amount, behind those that follow them. */
    public function turned(int $amount, int $words): self
    {
        $turned = new self([
            ...array_slice($this->tokens, 0, $this->position),
            ...array_slice($this->tokens, $this->position + $amount, $words),
            ...array_slice($this->tokens, $this->position, $amount),
            ...array_slice($this->tokens, $this->position + $amount + $words),
        ], $this->gallon, $this->line);
        $turned->position = $this->position;

        return $turned;
    }

    /**
     * Takes "120 g", "120g", "<0.02", "1 1/2 cups" or a bare figure; null when no figure stands here.
     *
     * @throws InvalidQuantity when a unit is attached that does not measure one of the wanted dimensions, or a gallon
     *   is not told apart
     */
    public function amount(Dimension ...$wanted): ?WrittenAmount
    {
        $figure = $this->figure($attached);
        if ($figure === null) {
            return null;
        }

        return $figure->in($attached === '' ? $this->unit($wanted) : $this->attachedUnit($attached, $wanted));
    }

    /**
     * Takes a figure alone, whatever the next words are; null when none stands here, or something is attached to it.
     */
    public function bareFigure(): ?WrittenAmount
    {
        $start = $this->position;
        $figure = $this->figure($attached);
        if ($attached === '') {
            return $figure;
        }
        $this->position = $start;

        return null;
    }

    /** @param-out  string  $attached  what is attached to the figure */
    private function figure(?string &$attached): ?WrittenAmount
    {
        $attached = '';
        $isHalf = in_array($this->peek(1)->word ?? '', self::COUNTED, true) && $this->take('half');
        if ($isHalf || $this->takePhrase(['half', 'a']) || $this->takePhrase(['half', 'of', 'a'])) {
            return new WrittenAmount(0.5, Decimal::parse('1/2')->step, null, false, false, '1/2');
        }
        $text = ltrim($this->peek()->text ?? '', '=:');
        if (preg_match('~^(<)?(\~)?([\d.,]+(?:/\d+)?)(\D.*)?$~u', $text, $match) !== 1) {
            return null;
        }
        $this->position++;
        $number = $match[3];
        $attached = $match[4] ?? '';
        if ($attached === '' && ctype_digit($number) && $this->isFractionOf()) {
            $number .= ' '.$this->peek()?->text;
            $this->position++;
        }
        $decimal = Decimal::parse($number);

        return new WrittenAmount(
            $decimal->value,
            $decimal->step,
            null,
            $match[1] === '<',
            $match[2] === '~',
            $number,
        );
    }

    /** Whether a fraction and its unit stand so far ahead, as in "1 1/2 cups"; without a unit, "40 3/4" names a day. */
    private function isFractionOf(int $ahead = 0): bool
    {
        return Decimal::isFraction($this->peek($ahead)->text ?? '')
            && ($this->isUnit($this->peek($ahead + 1)->text ?? '')
                || $this->isUnit(($this->peek($ahead + 1)->text ?? '').' '.($this->peek($ahead + 2)->text ?? '')));
    }

    private function isUnit(string $text): bool
    {
        try {
            return in_array(mb_strtolower($text), self::COUNTED, true) || Unit::fromWord($text, $this->gallon) !== null;
        } catch (InvalidQuantity) {
            // A gallon that is not told apart is a unit all the same.
            return true;
        }
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
