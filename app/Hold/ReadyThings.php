<?php

declare(strict_types=1);

namespace App\Hold;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Hold\Freezing\RunItem;
use App\Hold\Things\CustodyOf;
use App\Hold\Things\HeldThing;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Portion\Tray\PortionTray;
use DateTimeImmutable;
use Sectum\Custody\CustodyCode;
use Sectum\Measure\Mass;

/** What could be frozen or treated now: whole fish, sides that are cut no further, and trays of portions. */
final readonly class ReadyThings
{
    private const MOST = 60;

    /** @return list<array{piece: string|null, tray: string|null, name: string, detail: string}> */
    public static function all(Words $words, DateTimeImmutable $now): array
    {
        $in = RunItem::query()->whereNull('out_at')->whereHas('run', fn ($run) => $run->whereNull('ended_at'))->get();
        $ready = $things = [];
        $trays = PortionTray::inFull()
            ->with('pieces')
            ->where('use_by', '>=', Moment::date($now))
            ->whereNotIn('id', $in->pluck('batch_id')->filter()->all())
            ->orderByDesc('number')
            ->limit(self::MOST)
            ->get();
        foreach ($trays as $tray) {
            $things[] = new HeldThing(null, $tray);
            $net = Mass::sum(array_map(PortionTray::net(...), array_values($tray->pieces->all())));
            $ready[] = [
                'piece' => null,
                'tray' => $tray->id,
                'name' => (new HeldThing(null, $tray))->name(''),
                'detail' => count($tray->portions()).' portions, '.$words->text($net),
            ];
        }
        $fish = Fish::query()
            ->with(['species', 'pieces.readings.void'])
            ->whereIn('stage', [Stage::BreakDown->value, Stage::Portion->value])
            ->orderByDesc('number')
            ->limit(self::MOST)
            ->get();
        foreach ($fish as $one) {
            foreach (self::uncut($one) as $piece) {
                if (! $in->contains('piece_id', $piece->id)) {
                    $things[] = new HeldThing($piece, null);
                    $ready[] = [
                        'piece' => $piece->id,
                        'tray' => null,
                        'name' => (new HeldThing($piece, null))->name($one->title()),
                        'detail' => $words->text($piece->reading()?->mass() ?? Mass::zero()),
                    ];
                }
            }
        }

        $things = array_slice($things, 0, self::MOST);
        $custody = new CustodyOf($things);

        return array_values(array_filter(
            array_slice($ready, 0, self::MOST),
            fn (int $i): bool => $custody->limits($things[$i], $now)->stop !== CustodyCode::Past,
            ARRAY_FILTER_USE_KEY,
        ));
    }

    /** @return list<Piece> the whole fish, or its fillets that are cut no further */
    private static function uncut(Fish $fish): array
    {
        return $fish->isCut()
            ? array_values(
                array_filter(
                    $fish->pieces->all(),
                    fn (Piece $piece): bool => $piece->part->isFillet() &&
                        $piece->reading() !== null &&
                        $piece->bin === null &&
                        ! $fish->isCutFurther($piece),
                ),
            )
            : ($fish->stage === Stage::BreakDown ? [$fish->whole()] : []);
    }
}
