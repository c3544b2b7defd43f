<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Sectum\Message;

/** Batches of one recipe drawn on by the litre or the kilo: the earliest date first, and never more than is there. */
final readonly class BatchDraw
{
    /**
     * @param  list<Standing>  $batches  of one recipe
     * @param  int  $milli  thousandths of a litre or a kilo wanted
     * @param  string  $unit  as it is printed after a figure
     * @param  DateTimeImmutable  $today  what ended before is not drawn on
     * @return non-empty-list<DrawnFrom>
     *
     * @throws BadDraw when nothing is wanted, or more than is left in date
     */
    public static function of(array $batches, int $milli, string $unit, DateTimeImmutable $today): array
    {
        if ($milli <= 0) {
            throw new BadDraw(new Message(DrawSays::Nothing), $milli, '/amount');
        }
        $open = array_values(
            array_filter(
                $batches,
                fn (Standing $one): bool => $one->leftMilli() > 0 &&
                    $one->until->format('Y-m-d') >= $today->format('Y-m-d'),
            ),
        );
        usort($open, fn (Standing $a, Standing $b): int => [$a->until, $a->id] <=> [$b->until, $b->id]);
        $left = array_sum(array_map(fn (Standing $one): int => $one->leftMilli(), $open));
        $drawn = [];
        $wanted = $milli;
        foreach ($open as $one) {
            $some = min($wanted, $one->leftMilli());
            if ($some > 0) {
                $drawn[] = new DrawnFrom($one, $some, $one->costOfNext($some));
                $wanted -= $some;
            }
        }
        if ($wanted > 0 || $drawn === []) {
            throw new BadDraw(
                new Message($left > 0 ? DrawSays::OnlyLeft : DrawSays::NoneLeft, [
                    'left' => BigDecimal::ofUnscaledValue($left, 3)->stripTrailingZeros()." {$unit}",
                ]),
                $milli,
                '/amount',
            );
        }

        return $drawn;
    }
}
