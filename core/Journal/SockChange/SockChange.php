<?php

declare(strict_types=1);

namespace Ithys\Journal\SockChange;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Quantity\Text;

/** A sock swapped for a clean one, with how soiled the old one was: 1 hardly, 5 clogged. */
final readonly class SockChange implements Payload
{
    use PlainPayload;

    public const MOST_SOILING = 5.0;

    private function __construct(public ?int $soiling)
    {
    }

    /** @throws InvalidEntry for a score outside 1 to 5 */
    public static function of(?float $soiling = null): self
    {
        return new self(
            $soiling === null ? null : (int) Amount::within($soiling, 1, self::MOST_SOILING, 'Soiling'),
        );
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->optionalFigure('soiling'));
    }

    public function kind(): Kind
    {
        return new SockChangeKind;
    }

    public function line(): string
    {
        return 'sock changed'.($this->soiling === null ? '' : " soiling {$this->soiling}");
    }

    public function toArray(): array
    {
        return ['soiling' => $this->soiling];
    }

    public function summary(): Text
    {
        return Text::of(
            $this->soiling === null ? 'Sock changed' : 'Sock changed, soiling {soiling} of 5',
            soiling: $this->soiling ?? 0,
        );
    }

    public function caution(): string
    {
        return 'Before reuse rinse a bleached sock and dechlorinate it; never mix bleach with another '
            .'cleaner.';
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->soiling === null ? null : (float) $this->soiling);
    }
}
