<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Math\StudentT;
use Sectum\Measure\Mass;
use Sectum\Message;

/**
 * Some fish of a batch weighed singly: what one weighs and how much they differ, and what that says of all of them.
 *
 * Mean and spread of a sample drawn without putting back: the more of the batch was weighed, the less is left to guess.
 */
final readonly class BatchSample
{
    /**
     * @param  int  $weighed  fish, 1 or more
     * @param  float|null  $sdGrams  how much single fish differ; null while only one was weighed
     * @param  float|null  $halfGrams  nine times in ten all of them weigh the total give or take this; null likewise
     */
    private function __construct(
        public int $weighed,
        public float $meanGrams,
        public ?float $sdGrams,
        public float $totalGrams,
        public ?float $halfGrams,
    ) {
    }

    /**
     * @param  non-empty-list<Mass>  $each
     * @param  int  $count  fish in the batch, 1 or more
     *
     * @throws BadSample when more were weighed than there are
     */
    public static function of(array $each, int $count): self
    {
        $k = count($each);
        if ($k > $count) {
            throw new BadSample(new Message(SampleSays::MoreThanThereAre, ['count' => $count]), $k, '/weight');
        }
        $grams = array_map(fn (Mass $one): float => $one->grams(), $each);
        $mean = array_sum($grams) / $k;
        $sd = null;
        $half = null;
        if ($k > 1) {
            $sd = sqrt(array_sum(array_map(fn (float $g): float => ($g - $mean) ** 2, $grams)) / ($k - 1));
            $half = (new StudentT($k - 1))->quantile(0.95) * $count * $sd * sqrt((1 - $k / $count) / $k);
        }

        return new self($k, $mean, $sd, $mean * $count, $half);
    }
}
