<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

use Sectum\Measure\Money;

/** One thing that happened to a claim. */
final readonly class ClaimEvent
{
    /**
     * @param  Money  $money  claimed when it is sent, credited when it is credited, nothing when it is answered
     * @param  ClaimAnswer|null  $answer  null unless it is answered
     */
    public function __construct(public ClaimStep $step, public Money $money, public ?ClaimAnswer $answer = null)
    {
    }
}
