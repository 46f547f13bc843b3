<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Quantity\Text;

/** What comes down from above when the pump stops: from the display and from every further tank on the sump. */
final readonly class DrainDown
{
    /** @param  list<TankFall>  $further */
    public function __construct(public TankFall $display, public array $further = [])
    {
    }

    /** From a display alone; a figure is null while it is not known. */
    public static function display(?float $squareMm, ?float $fallMm, ?float $boxLitres, ?float $pipeLitres): self
    {
        return new self(new TankFall('the display', $squareMm, $fallMm, $boxLitres, $pipeLitres));
    }

    /** What is known to come down, L; more where something is missing. */
    public function litres(): float
    {
        return array_sum(array_map(static fn (TankFall $tank): float => $tank->litres(), $this->tanks()));
    }

    /** @return list<Text> what is not known of it; none where all of it is reckoned */
    public function missing(): array
    {
        return array_merge(...array_map(static fn (TankFall $tank): array => $tank->missing(), $this->tanks()));
    }

    /** @return non-empty-list<TankFall> */
    private function tanks(): array
    {
        return [$this->display, ...$this->further];
    }
}
