<?php

declare(strict_types=1);

arch('the core is plain PHP without framework, clock or chance')
    ->expect('Ithys')
    ->not->toUse(['Illuminate', 'App', 'Inertia', 'Carbon', 'now', 'time', 'date', 'rand', 'mt_rand', 'random_int', 'microtime', 'file_get_contents']);

arch('the core does not depend on the application')
    ->expect('Ithys')
    ->toOnlyBeUsedIn(['App', 'Ithys', 'Database', 'Tests']);

arch('everything is strict')
    ->expect(['Ithys', 'App'])
    ->toUseStrictTypes();

arch('nothing is dumped')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'die'])
    ->not->toBeUsed();
