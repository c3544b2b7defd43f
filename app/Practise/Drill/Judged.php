<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use Sectum\Practise\Bones\BonesResult;
use Sectum\Practise\Weigh\WeighResult;

/** What came of a drill: the score, what is shown of it, and what goes into a ledger. */
final readonly class Judged
{
    /**
     * @param  Answer  $shown
     * @param  WeighResult|null  $weights  for the ledger of the eye
     * @param  BonesResult|null  $bones  for the gate of bones
     */
    public function __construct(
        public float $scorePct,
        public array $shown,
        public ?WeighResult $weights = null,
        public ?BonesResult $bones = null,
    ) {
    }
}
