<?php

declare(strict_types=1);

namespace Sectum\Practise\Fresh;

use Sectum\Practise\BadDrill;
use Sectum\Receive\Attribute;
use Sectum\Receive\Verdict;

/** What a learner makes of a lot. */
final readonly class LotJudged
{
    /**
     * @param  array<string, int>  $grades  0 to 3 by attribute
     * @param  int  $surePct  how sure he is of the verdict, 25 (a guess among four) to 100
     *
     * @throws BadDrill which names the figure
     */
    public function __construct(
        public array $grades,
        public Verdict $verdict,
        public Attribute $decides,
        public int $surePct,
    ) {
        foreach ($grades as $code => $grade) {
            ($grade >= 0 && $grade <= Attribute::WORST) ||
                throw new BadDrill('A grade is 0 to 3.', $grade, "/grades/{$code}");
        }
        ($surePct >= 25 && $surePct <= 100) ||
            throw new BadDrill('Nobody is surer than 100 % or less sure than a guess.', $surePct, '/sure_pct');
    }
}
