<?php

declare(strict_types=1);

namespace Ithys\Flow;

/** What costs head in a pipe beside its length: handbook loss coefficients, estimates from memory. */
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
    public function loss(): float
    {
        return match ($this) {
            self::Elbow90 => 0.9,
            self::Elbow45 => 0.4,
            self::TeeThrough => 0.6,
            self::TeeBranch => 1.8,
            self::BallValve => 0.05,
            self::GateValve => 0.2,
            self::Union => 0.08,
            self::CheckValve => 2.5,
            self::Entrance => 0.5,
            self::Outlet => 1.0,
        };
    }
}
