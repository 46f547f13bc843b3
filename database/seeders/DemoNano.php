<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Media\Medium;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\BasketUse;
use Ithys\Sump\Cutting\Layer;
use Ithys\Sump\Cutting\LayerKind;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Depth;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Inside;
use Ithys\Sump\Placed;
use Ithys\Sump\Rear\RearWall;
use Ithys\Sump\Size;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Vessel;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/** The second, invented tank of the demo: a nano with chambers behind the display, which has just been filled. */
final class DemoNano
{
    public static function lay(User $keeper, DateTimeImmutable $since): void
    {
        $from = Journal::stamp($since);
        $system = System::query()->create(['name' => 'Window nano']);
        $system->members()->attach($keeper, ['role' => 'owner']);
        $tank = new Tank(
            Display::box(590, 330, 380, 30),
            new BesideDisplay(0, 0),
            new Ground(6, 8),
            new Conditions(35, 25),
            620,
            TurnoverSchool::Brisk,
        );
        $system
            ->revisions()
            ->create(['user_id' => $keeper->id, 'in_force_from' => $from, 'document' => $tank->toArray()]);
        $path = Template::of(Style::RearChamber)->toArray();
        $draft = $system->drafts()->create(['user_id' => $keeper->id, 'name' => 'Rear chambers', 'document' => $path]);
        $system
            ->pathRevisions()
            ->create([
                'user_id' => $keeper->id,
                'path_draft_id' => $draft->id,
                'in_force_from' => $from,
                'document' => $path,
            ]);
        $section = self::section()->toArray();
        $system->section()->create(['document' => $section]);
        $system->sumpRevisions()->create(['user_id' => $keeper->id, 'in_force_from' => $from, 'document' => $section]);
    }

    public static function section(): SumpDesign
    {
        return new SumpDesign(
            new Vessel(590.0, 105.0, 380.0, 6.0),
            new SumpWater(255.0, 90.0, evaporationLitresADay: 0.7, reservoirLitres: 3.0),
            new Inside(
                [
                    new Baffle('first', BaffleKind::Weir, 140, 5, 318),
                    new Baffle('second', BaffleKind::Under, 330, 5, 360, 35),
                    new Baffle('third', BaffleKind::Weir, 385, 5, 285),
                ],
                [
                    new Placed(
                        'heater',
                        DeviceKind::Heater,
                        'Heater',
                        0,
                        new Size(25.0, 25.0, 210.0),
                        10.0,
                        new Depth(150.0),
                        'i7',
                    ),
                    new Placed(
                        'pump',
                        DeviceKind::Pump,
                        'Return pump',
                        3,
                        new Size(80.0, 60.0, 75.0),
                        item: 'i8',
                    ),
                ],
                rear: new RearWall(332.0, 372.0, 110.0, 0.55, 5.0, 318.0, 392.0),
            ),
            workshop: new Workshop(
                basket: new Basket(185.0, 103.0, 330.0, 1.5, 3.0, 3, 45.0, new BasketUse(1, 20.0, true, [
                    new Layer('coarse', 1, LayerKind::CoarsePad, 25.0),
                    new Layer('floss', 1, LayerKind::Floss, 20.0),
                    new Layer('carbon', 2, LayerKind::Media, null, Medium::ActivatedCarbon),
                    new Layer('gfo', 3, LayerKind::Media, null, Medium::Gfo),
                    new Layer('catch', 3, LayerKind::FinePad, 10.0),
                ])),
            ),
        );
    }
}
