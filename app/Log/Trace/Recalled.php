<?php

declare(strict_types=1);

namespace App\Log\Trace;

use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Kitchen\Language\Said;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;
use Sectum\Gs1\BadScan;
use Sectum\Gs1\Scan;

/** The lines and the fish that a lot, a delivery's number, a scanned label or a fish's number stands for. */
final readonly class Recalled
{
    /** More fish than this are no lot. */
    public const MOST = 500;

    /**
     * @param  Collection<int, DeliveryLine>  $lines
     * @param  Collection<int, Fish>  $fish  those of the lines, and those that came without a delivery
     */
    private function __construct(public Collection $lines, public Collection $fish)
    {
    }

    public static function of(string $sought, ClockInterface $clock): self
    {
        $sought = self::lotOf(trim($sought), (int) $clock->now()->format('Y'));
        if ($sought === '') {
            return new self(new Collection(), new Collection());
        }
        $number = preg_match('/^no\.?\s*(\d{1,9})$/i', $sought, $m) === 1 ? (int) $m[1] : null;
        $fish = Fish::forTheBench()
            ->with(['line.delivery.supplier', 'line.delivery.receiver', 'line.species', 'receiver'])
            ->where('stage', '!=', Stage::Withdrawn->value);
        if ($number !== null) {
            $found = $fish->where('number', $number)->get();

            return new self(
                new Collection(array_filter(array_map(fn (Fish $one): ?DeliveryLine => $one->line, $found->all()))),
                $found,
            );
        }
        $lines = DeliveryLine::query()
            ->with(['delivery.supplier', 'delivery.receiver', 'species'])
            ->where(
                fn (Builder $any): Builder => $any->whereRaw('lot = ? collate nocase', [$sought])->orWhereIn(
                    'delivery_id',
                    Delivery::query()
                        ->whereRaw('number = ? collate nocase', [$sought])
                        ->select('id'),
                ),
            )
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return new self(
            $lines,
            $fish
                ->whereIn('line_id', $lines->pluck('id')->all())
                ->orderBy('number')
                ->limit(self::MOST)
                ->get(),
        );
    }

    /** @return list<array{lot: string, what: string}> the latest lots, to begin from */
    public static function lately(): array
    {
        $lately = [];
        foreach (
            DeliveryLine::query()
                ->with(['species', 'delivery.supplier'])
                ->whereNotNull('lot')
                ->whereHas('fish')
                ->orderByDesc('id')
                ->limit(8)
                ->get() as $line
        ) {
            $lately[(string) $line->lot] ??= [
                'lot' => (string) $line->lot,
                'what' => Said::called($line->species->name).", {$line->delivery->supplier->name}",
            ];
        }

        return array_values($lately);
    }

    /** A scanned label stands for its lot. */
    private static function lotOf(string $sought, int $year): string
    {
        if (preg_match('#^(\(\d|\]|https?://|01\d{14})#', $sought) !== 1) {
            return $sought;
        }
        try {
            return Scan::read($sought, $year)->get('10')->value ?? $sought;
        } catch (BadScan) {
            return $sought;
        }
    }
}
