<?php

declare(strict_types=1);

namespace Ithys\Sump\Tray;

/** A hole in a tray and what hangs in it. */
final readonly class Opening
{
    public function __construct(
        public string $id,
        public OpeningKind $kind,
        /** Size of the hole along the sump and across it, mm; of a round one its diameter. */
        public float $lengthMm,
        public float $widthMm,
        /** How high what sits in it stands over the tray, mm; of a standpipe its mouth. */
        public float $standsMm = 0.0,
        /** How far it hangs under the top of the tray, mm. */
        public float $hangsMm = 0.0,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'lengthMm' => $this->lengthMm,
            ...$this->kind->isRound() ? [] : ['widthMm' => $this->widthMm],
            'standsMm' => $this->standsMm,
            'hangsMm' => $this->hangsMm,
        ];
    }
}
