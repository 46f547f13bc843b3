<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Dosing\DoseMethod;
use Ithys\Dosing\DoseMethods;
use Ithys\Dosing\Reach;
use Ithys\History\Course\Fresh;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\InvalidLever;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Review\Review;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\Unit;

/** A charge that is thought of, in the tank it would go into: ways to its amount, and what is to be said of it. */
final readonly class PlannedCharge
{
    /** ppm of phosphate, and days, where nobody asks for others. */
    private const WANTED = 0.05;

    private const DAYS = 60.0;

    private Place $place;

    private ?Item $item;

    /** L/h that reach its vessel; null where nothing says it. */
    private ?float $flow;

    private DoseMethods $methods;

    public Fresh $fresh;

    /** @param  ?float  $grams  null while nothing is typed */
    public function __construct(
        private DoseContext $here,
        private Medium $medium,
        private Container|Place $where,
        private ?float $grams,
    ) {
        $this->place = $where instanceof Container ? $where->place : $where;
        $this->item = $where instanceof Container ? $here->setup->path?->find($where->item) : null;
        $this->flow = $this->item === null ? null : $here->setup->situation()?->course->flowAt($this->item);
        $this->methods = new DoseMethods($here->assumptions);
        $this->fresh = new Fresh(
            $medium,
            $grams ?? 0.0,
            $this->place,
            $this->place === Place::Reactor ? $this->flow : null,
        );
    }

    /**
     * @return list<DoseMethod> by the water, by budget, by what fits, and by a gentle fall where that is known
     *
     * @throws InvalidLever
     */
    public function methods(?float $wanted, ?float $days): array
    {
        $litres = $this->here->litres();
        // What lies loose in the path is passed by all of its flow.
        $past = $this->flow ?? $this->here->setup->litresPerHour()?->value;
        $flow = $this->flow ?? ($this->place === Place::Reactor ? $litres : $past ?? Basin::TURNOVER * $litres);

        return [
            $this->methods->byVolume($this->medium, $litres, $past),
            $this->methods->byBudget(
                $this->medium,
                new Reach($this->contact(), 24 * $flow, $litres),
                $this->here->phosphate(),
                $wanted ?? self::WANTED,
                $days ?? self::DAYS,
            ),
            $this->methods->byVessel($this->medium, $this->item?->title(), $this->item?->figure(Figure::Capacity)),
            ...$this->gently(),
        ];
    }

    /** @return list<Doubt> what the guard has against so many g of it, the gravest first */
    public function doubts(?float $grams): array
    {
        if ($grams === null || $grams <= 0.0) {
            return [];
        }
        try {
            return DoseGuard::doubts(MediaCharge::grams($this->medium, $grams, $this->where), $this->here);
        } catch (InvalidEntry $invalid) {
            return [Doubt::refuse('amount', $invalid->says)];
        }
    }

    /** @return ?list<array{string, Quantity}> the amount in all measures; null while nothing is typed */
    public function amounts(): ?array
    {
        if ($this->grams === null) {
            return null;
        }
        $millilitres = $this->grams / $this->methods->density($this->medium);

        return [
            ['weighed', Quantity::grams($this->grams)],
            ['poured', Quantity::millilitres($millilitres)],
            ['cups', Quantity::number($millilitres / (1000 * Unit::UsCup->factor()), 2)],
            ['your scoops', Quantity::number($millilitres / $this->here->assumptions->value('scoop'), 1)],
        ];
    }

    /** How to start with a medium that the tank never had; null where it had it, or where that does not matter. */
    public function newToThisTank(bool $hadIt): ?Text
    {
        if ($hadIt || ! $this->medium->bindsPhosphate() || $this->grams === null) {
            return null;
        }
        $share = $this->here->assumptions->value('first-use-share');

        return Text::of(
            'It is new to this tank: start with {share}, {grams}, and read phosphate again in three days.',
            share: Quantity::share($share),
            grams: Quantity::grams($this->grams * $share),
        );
    }

    /**
     * How far phosphate falls in the first week; null where it was not read of late.
     *
     * @throws InvalidLever
     */
    public function fall(): ?Text
    {
        $level = $this->here->phosphate();
        if ($level === null || $this->fresh->grams <= 0.0 || ! $this->medium->mayBind()) {
            return null;
        }
        $ppm = static fn (float $level): Quantity => Quantity::ppm(Quantity::significant($level, 2));

        return Text::of(
            'The charge would lower phosphate by about {fall} in the first week, without the water change. The limit '
                .'at {level} is {limit} a week.',
            fall: $ppm(WeeklyFall::of($this->here, $this->fresh, $level)),
            level: $ppm($level),
            limit: $ppm(WeeklyFall::limit($this->here, $level)),
        );
    }

    /** @return list<Text> what the review of the path has against the part it goes into */
    public function company(): array
    {
        $situation = $this->here->setup->situation();
        $says = [];
        foreach ($this->item === null || $situation === null ? [] : Review::of($situation)->findings as $finding) {
            if ($finding->at === $this->item?->id && $finding->severity->isGrave()) {
                $says[] = Text::of('{title}: {text}', title: $finding->title, text: $finding->sentence);
            }
        }

        return $says;
    }

    public function reaches(): Text
    {
        return match (true) {
            $this->place === Place::Reactor && $this->flow === null => Text::of(
                'The path does not say how much water the reactor gets: the model takes one volume of the tank an '
                    .'hour. A reactor without flow does nothing.',
            ),
            $this->place === Place::Reactor => Text::of(
                'The reactor gets {flow}.',
                flow: Quantity::perHour((float) $this->flow),
            ),
            default => Text::of(
                'There it meets {share} of the water that a reactor would give it, our estimate.',
                share: Quantity::share($this->contact()),
            ),
        };
    }

    /** How well it meets the water, of what a reactor gives. */
    private function contact(): float
    {
        return $this->here->assumptions->value("contact-{$this->place->value}");
    }

    /**
     * The most that lets phosphate fall no faster than it may; none where that is not known.
     *
     * @return list<DoseMethod>
     *
     * @throws InvalidLever
     */
    private function gently(): array
    {
        $level = $this->medium->bindsPhosphate() ? $this->here->phosphate() : null;

        return $level === null ? [] : [new DoseMethod(
            'By a gentle fall',
            floor(WeeklyFall::gentle($this->here, $this->fresh, $level)),
            Text::of(
                'The most that lowers phosphate by no more than {limit} in a week.',
                limit: Quantity::ppm(WeeklyFall::limit($this->here, $level)),
            ),
            'fall-share',
        )];
    }
}
