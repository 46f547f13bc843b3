<?php

declare(strict_types=1);

namespace Ithys\Journal\Renewal;

use Ithys\Journal\Amount;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Kind;
use Ithys\Journal\Mark;
use Ithys\Journal\Payload;
use Ithys\Journal\PayloadData;
use Ithys\Journal\PlainPayload;
use Ithys\Journal\QuickEntry\Figure;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** A share of the biological media renewed: common practice is a third every six months. */
final readonly class Renewal implements Payload
{
    use PlainPayload;

    /** The most that is renewed at once without harm, and within the months that follow. */
    public const MOST = 0.4;

    private function __construct(
        public float $share,
        /** Renewed in the months before; not stored, for the journal knows it. */
        private float $before,
    ) {
    }

    /** @throws InvalidEntry for a share there is not */
    public static function of(float $share, float $before = 0.0): self
    {
        return new self(Amount::within($share, 0.01, 1.0, 'The share renewed', Dimension::Share), $before);
    }

    public static function fromData(PayloadData $data): self
    {
        return self::of($data->figure('share'));
    }

    public function kind(): Kind
    {
        return new RenewalKind;
    }

    public function line(): string
    {
        return 'renewed '.Figure::of(100 * $this->share).' % of the bio media';
    }

    public function toArray(): array
    {
        return ['share' => $this->share];
    }

    public function summary(): Text
    {
        return Text::of('{share} of the biological media renewed', share: Quantity::share($this->share));
    }

    public function caution(): ?string
    {
        return $this->share <= self::MOST
            ? null
            : 'So much at once takes away the bacteria that keep ammonia at nought, and can kill fish: renew a third, '
                .'and the next third after six months. Read ammonia daily for two weeks.';
    }

    public function unusual(float $workingLitres): ?Text
    {
        return $this->share + $this->before <= self::MOST ? null : Text::of(
            $this->before > 0.0
                ? '{before} was renewed in the months before; with {share} more the bacteria that keep ammonia at '
                    .'nought are too few, and fish can die. Wait until six months are over.'
                : '{share} at once takes away too many of the bacteria that keep ammonia at nought, and fish can die. '
                    .'Renew a third.',
            before: Quantity::share($this->before),
            share: Quantity::share($this->share),
        );
    }

    public function mark(float $workingLitres): Mark
    {
        return new Mark($this->share);
    }
}
