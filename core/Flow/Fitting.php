<?php

declare(strict_types=1);

namespace Ithys\Flow;

use Ithys\Assumption\Assumptions;

/** What costs head in a pipe beside its length: handbook loss coefficients. */
enum Fitting: string
{
    case Elbow90 = 'elbow-90';
    case Elbow45 = 'elbow-45';
    case TeeThrough = 'tee-through';
    case TeeBranch = 'tee-branch';
    case BallValve = 'ball-valve';
    case GateValve = 'gate-valve';
    case Union = 'union';
    case CheckValve = 'check-valve';
    case Entrance = 'entrance';
    case Outlet = 'outlet';

    public function label(): string
    {
        return match ($this) {
            self::Elbow90 => '90° elbow',
            self::Elbow45 => '45° elbow',
            self::TeeThrough => 'tee, straight through',
            self::TeeBranch => 'tee, round the corner',
            self::BallValve => 'ball valve, open',
            self::GateValve => 'gate valve, open',
            self::Union => 'union',
            self::CheckValve => 'check valve',
            self::Entrance => 'sharp entrance',
            self::Outlet => 'outlet into the tank',
        };
    }

    /** Loss coefficient K, in velocity heads. */
    public function loss(Assumptions $assumptions): float
    {
        return $assumptions->value("fitting-{$this->value}");
    }
}
