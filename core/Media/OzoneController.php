<?php

declare(strict_types=1);

namespace Ithys\Media;

/** Switches ozone on and off by ORP, with a gap between so that it does not flutter, and in a window of the day. */
final readonly class OzoneController
{
    /** mV; common practice: on below 400, off at 410 to 415. */
    public const ON_BELOW = 400.0;

    public const OFF_AT = 410.0;

    /** The highest that any window may ask for, mV: above it ozone harms what lives in the water. */
    public const HIGHEST = 450.0;

    /** What reef water can have, mV; a probe that reads less or more is broken, dry or dirty: common practice. */
    private const LEAST = 150.0;

    private const MOST = 550.0;

    private const MINUTES_A_DAY = 1440;

    /** @throws OzoneRefused where the settings would harm */
    public function __construct(
        public float $onBelow,
        public float $offAt,
        /** Minutes after midnight. */
        public int $from,
        public int $minutes,
        public bool $hasProbe,
        public bool $hasRatedSkimmer,
        public bool $cleansExhaust,
    ) {
        foreach ([
            [! is_finite($onBelow) || ! is_finite($offAt) || $onBelow < self::LEAST, 'Enter the ORP it switches at in '
                .'mV, such as on below 400 and off at 410.'],
            [! $hasProbe, 'Ozone without an ORP probe is not run: nothing would end it. Fit a probe first.'],
            [! $hasRatedSkimmer, 'Ozone goes into a skimmer or reactor that is rated for it: it eats rubber and many '
                .'plastics.'],
            [! $cleansExhaust, 'Ozone must not come into the room: it harms lungs. Lead the exhaust over carbon, or '
                .'recirculate its air.'],
            [$offAt <= $onBelow, 'It must switch off at a higher ORP than it switches on, or it flutters.'],
            [$offAt > self::HIGHEST, 'Above 450 mV ozone harms what lives in the water. Off at 410 to 415 mV is '
                .'usual.'],
            [$minutes < 1 || $minutes > self::MINUTES_A_DAY, 'The window is 1 to 1,440 minutes a day.'],
        ] as [$isWrong, $sentence]) {
            if ($isWrong) {
                throw new OzoneRefused($sentence);
            }
        }
    }

    public static function isPlausible(float $orp): bool
    {
        return $orp >= self::LEAST && $orp <= self::MOST;
    }

    /**
     * Whether it runs now. It does not while the probe says nothing, or what no reef water has.
     *
     * @param  bool  $isOn  whether it ran before
     * @param  ?float  $orp  mV; null where the probe says nothing
     * @param  int  $minute  of the day
     */
    public function runs(bool $isOn, ?float $orp, int $minute): bool
    {
        $into = ($minute - $this->from + 2 * self::MINUTES_A_DAY) % self::MINUTES_A_DAY;
        if ($orp === null || ! self::isPlausible($orp) || $into >= $this->minutes || $orp >= $this->offAt) {
            return false;
        }

        return $isOn || $orp < $this->onBelow;
    }
}
