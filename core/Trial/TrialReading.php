<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Decimal;
use Ithys\Quantity\InvalidQuantity;

/** One cell of the sheet of a trial: a reading of one unit on one day, or why there is none. */
final readonly class TrialReading
{
    private const MOST = 60;

    private function __construct(
        /** ppm; the limit where it is below it; null where there is none. */
        public ?float $value,
        public bool $isBelow,
        public bool $isCloudy,
        /** Why it is missing; empty where it is not. */
        public string $missing,
    ) {
    }

    /**
     * "8.5", "<0.02", "8.5 cloudy", "missing: the kit ran out"; kept as the ion, whatever basis it is typed in.
     *
     * @throws InvalidEntry for what is none of these
     */
    public static function typed(string $text, Parameter $parameter, Basis $basis = Basis::Ion): self
    {
        $text = trim($text);
        if (preg_match('~^(?:missing|none|died|lost)\b[:,]?\s*(.*)$~iu', $text, $said) === 1) {
            $why = trim($said[1]) === '' ? mb_strtolower($text) : trim($said[1]);

            return mb_strlen($why) <= self::MOST
                ? new self(null, false, false, $why)
                : throw InvalidEntry::longerThan('The reason', self::MOST, mb_strlen($why));
        }
        $isCloudy = preg_match('~\s+cloudy$~iu', $text) === 1;
        $figure = trim((string) preg_replace('~\s+cloudy$~iu', '', $text));
        $isBelow = str_starts_with($figure, '<');
        try {
            $value = Decimal::parse(ltrim($figure, '< '))->value;
        } catch (InvalidQuantity) {
            throw InvalidEntry::noFigure($text === '' ? 'the cell' : $text, '8.5, <0.02, 8.5 cloudy, or missing: why');
        }

        return new self(
            Reading::of($parameter, $value, $basis)->value,
            $isBelow,
            $isCloudy,
            '',
        );
    }

    /** As it is typed. */
    public function text(): string
    {
        return $this->value === null
            ? "missing: {$this->missing}"
            : ($this->isBelow ? '<' : '').rtrim(rtrim(sprintf('%.4f', $this->value), '0'), '.')
                .($this->isCloudy ? ' cloudy' : '');
    }

    /** Half the limit where it is below it. */
    public function level(): ?float
    {
        return $this->value === null ? null : ($this->isBelow ? $this->value / 2 : $this->value);
    }
}
