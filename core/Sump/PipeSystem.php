<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** Where pipes meet, and what fits there: metric and inch fittings do not mate. */
enum PipeSystem: string
{
    case Metric = 'metric';
    case Inch = 'inch';

    /** Parts whose fittings are asked for, each with those it is joined to. */
    public const PARTS = [
        'pump' => ['Outlet of the pump', []],
        'return' => ['Return pipe', ['pump']],
        'bulkhead' => ['Bulkhead of the overflow', []],
        'drain' => ['Drain pipe', ['bulkhead']],
        'emergency' => ['Emergency pipe', ['bulkhead']],
    ];
}
