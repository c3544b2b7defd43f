<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use Sectum\Math\Shrunken;
use Sectum\Plan\Service\ServiceKind;
use Sectum\Plan\Service\Sold;
use Sectum\Plan\Service\TakeUp;

/** What services past teach: covers by weekday, and the share of the guests that takes a dish. */
final readonly class Learned
{
    /** The latest services that count. */
    private const MOST = 400;

    /**
     * @param  array<int, list<float>>  $covers  by weekday, Monday 1: who really came to the dining room
     * @param  array<string, array<int, list<Sold>>>  $sold  by dish, by weekday
     */
    private function __construct(private array $covers, private array $sold)
    {
    }

    public static function here(): self
    {
        return Remembered::of('learned services', ['services', 'service_dishes'], self::read(...));
    }

    private static function read(): self
    {
        $rows = Row::all(
            Service::rows()
                ->leftJoin('service_dishes', 'service_dishes.service_id', 'services.id')
                ->whereNull('dropped_at')
                ->whereNotNull('sold_covers')
                ->orderByDesc('day')
                ->orderByDesc('services.id')
                ->limit(self::MOST)
                ->get(['services.id', 'day', 'kind', 'sold_covers', 'dish_id', 'chosen', 'sold']),
        );
        $covers = $sold = $seen = [];
        foreach ($rows as $row) {
            $weekday = (int) Moment::at($row->text('day'))->format('N');
            $came = (int) $row->number('sold_covers');
            if (! isset($seen[$row->text('id')]) && $row->text('kind') === ServiceKind::DiningRoom->value) {
                $covers[$weekday][] = (float) $came;
            }
            $seen[$row->text('id')] = true;
            // What guests chose beforehand says nothing of what they would have taken at the table.
            if ($row->text('sold') !== '' && $row->text('chosen') === '') {
                $sold[$row->text('dish_id')][$weekday][] = new Sold((int) $row->number('sold'), $came);
            }
        }

        return new self($covers, $sold);
    }

    /** Null while too few services are known to say anything. */
    public function covers(int $weekday): ?Shrunken
    {
        return TakeUp::covers($this->covers, $weekday);
    }

    /** The share of the guests that takes a dish on a weekday: a start, then all days, then its own. */
    public function takeUp(string $dish, int $weekday, float $startPct): TakeUp
    {
        $sold = $this->sold[$dish] ?? [];
        $all = TakeUp::of($startPct, array_merge(...$sold));
        $own = TakeUp::of($all->sharePct, $sold[$weekday] ?? []);

        return $own->services === 0 ? $all : $own;
    }
}
