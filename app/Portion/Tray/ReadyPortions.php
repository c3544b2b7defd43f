<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Reading;
use App\Fish\Stage;
use App\Kitchen\Moment;
use App\Portion\Dish\Dish;
use App\Portion\PortionBench;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Fish\Part;

/** What was cut in the last two days and lies on no tray yet, each piece with its fish and its dish. */
final readonly class ReadyPortions
{
    private function __construct(public Piece $piece, public Fish $fish, public Dish $dish)
    {
    }

    /** Before which nobody asks for it any more. */
    public static function since(DateTimeImmutable $now): string
    {
        return Moment::written($now->modify('-2 days'));
    }

    /** @return list<self> by fish, in the order they were cut */
    public static function of(DateTimeImmutable $now): array
    {
        $since = self::since($now);
        $dishes = Dish::known();
        $ready = [];
        foreach (self::fish($since) as $fish) {
            foreach (PortionBench::portionsOf($fish) as $piece) {
                $dish = $dishes->get($piece->dish_id ?? ($fish->dish_id ?? ''));
                if (
                    $dish !== null &&
                    $piece->batch_id === null &&
                    $piece->bin === null &&
                    ($piece->reading()->taken_at ?? '') >= $since
                ) {
                    $ready[] = new self($piece, $fish, $dish);
                }
            }
        }

        return $ready;
    }

    /** @return Collection<int, Fish> */
    private static function fish(string $since): Collection
    {
        $cut = Piece::query()
            ->select('fish_id')
            ->where('part', Part::Portion->value)
            ->whereNull('batch_id')
            ->whereIn('id', Reading::query()->select('piece_id')->where('taken_at', '>=', $since));

        return Fish::query()
            ->with(['species', 'pieces.readings.void'])
            ->whereIn('stage', [Stage::Portion->value, Stage::Route->value, Stage::Cost->value, Stage::Log->value])
            ->whereIn('id', $cut)
            ->orderBy('number')
            ->get();
    }
}
