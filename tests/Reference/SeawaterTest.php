<?php

declare(strict_types=1);

use Ithys\Water\Seawater;

// Source: UNESCO 1983 (Fofonoff and Millard, Tech. Pap. Mar. Sci. 44), EOS-80 at one atmosphere; the first three are
// its own check values (recalled from memory), all computed by cdo 2.1.1 and ferret 7.6.
it('gives the density of seawater by EOS-80', function (float $salinity, float $celsius, float $expected): void {
    expect(Seawater::density($salinity, $celsius))->toAgreeWith($expected, 1e-13);
})->with([
    [0, 5, 999.966750786662],
    [35, 5, 1027.675465278276],
    [35, 25, 1023.343058477227],
    [30, 20, 1020.953875064084],
    [30, 25, 1019.56946690386],
    [33, 25, 1021.832377832335],
    [35, 10, 1026.952411601175],
    [35, 15, 1025.972753865383],
    [35, 20, 1024.763004994275],
    [35, 24, 1023.643068525889],
    [35, 25.5, 1023.190131318025],
    [35, 27, 1022.719831021742],
    [35, 30, 1021.728639494112],
    [36, 25, 1024.099045231563],
    [36, 28, 1023.149088145202],
]);
