<?php

declare(strict_types=1);

namespace Ithys;

/** How much a finding matters: a remark, something right, a caution, or a fault. */
enum Severity: string
{
    case Remark = 'remark';
    case Good = 'good';
    case Caution = 'caution';
    case Fault = 'fault';
}
