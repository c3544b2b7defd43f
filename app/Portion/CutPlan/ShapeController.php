<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Shape\HouseShape;

final readonly class ShapeController
{
    public function index(): JsonResponse
    {
        $rows = Row::all(
            BoardFillet::rows()
                ->join('fish', 'fish.id', '=', 'boards.fish_id')
                ->join('species', 'species.id', '=', 'fish.species_id')
                ->whereIn('boards.piece_id', CutMade::rows()->select('fillet_id'))
                ->distinct()
                ->orderBy('species.name')
                ->orderBy('boards.shape')
                ->get(['species.id', 'species.name', 'boards.shape']),
        );

        return new JsonResponse([
            'starts_as' => HouseShape::STARTS_AS,
            'shapes' => array_map(
                fn (Row $row): array => self::shape($row->text('id'), $row->text('name'), $row->text('shape')),
                $rows,
            ),
        ]);
    }

    public function reset(Request $request, HouseShapes $shapes, string $species, string $shape): JsonResponse
    {
        $shapes->reset($species, $shape, Person::of($request));

        return $this->index();
    }

    /** @return Answer */
    private static function shape(string $species, string $name, string $shape): array
    {
        $house = HouseShapes::of($species, $shape);
        $off = fn (?float $pct): ?string => $pct === null ? null : number_format($pct, 1, '.', '').' %';
        $curve = fn (FilletShape $of): array => array_map(
            fn (int $i): array => [$i / 20, round($of->massPerLengthAt($i / 20), 4)],
            range(0, 20),
        );

        return [
            'species' => $species,
            'fish' => $name,
            'shape' => $shape,
            'name' => Words::named("portion.shape.{$shape}"),
            'fillets' => $house->fillets,
            'pieces' => $house->pieces,
            'before' => $off($house->beforePct),
            'after' => $off($house->afterPct),
            'starting' => $curve(FilletShape::named($shape)),
            'house' => $curve($house->shape),
            'reset_at' => self::day(HouseShapes::resetAt($species, $shape)),
        ];
    }

    private static function day(?string $at): ?string
    {
        return $at === null ? null : Moment::at($at)->format('j M, H:i');
    }
}
