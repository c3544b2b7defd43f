<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

/**
 * An answer that makes no sense under a condition; or a whole question that is not asked then.
 *
 * Source: the catalogue's table of exclusions, from common practice.
 */
final readonly class Exclusion
{
    /**
     * @param  string|null  $option  null when the question is not asked at all
     * @param  Condition  $when  may deny only what is so without being asked, never an answer
     */
    public function __construct(
        public string $question,
        public ?string $option,
        public Condition $when,
        public WhyNot $reason,
    ) {
    }
}
