<?php

declare(strict_types=1);

namespace Sectum\Practise\Fresh;

/** What came of judging lots. */
final readonly class FreshResult
{
    /**
     * @param  int  $right  verdicts
     * @param  float  $surePct  how sure he was on average
     * @param  float  $brier  mean square of sureness less outcome: 0 for who is always right and certain
     */
    public function __construct(
        public float $scorePct,
        public int $right,
        public float $surePct,
        public float $brier,
    ) {
    }
}
