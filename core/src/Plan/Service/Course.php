<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

/** Where a dish stands in a menu. */
enum Course: string
{
    case First = 'first';
    case Main = 'main';
    case Other = 'other';
}
