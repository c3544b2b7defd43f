<?php

declare(strict_types=1);

namespace Sectum\Practise\Next;

/** How far a skill is. */
enum Progress: string
{
    case Fresh = 'new';
    case Practised = 'practised';
    case Steady = 'steady';
    case Passed = 'passed';
}
