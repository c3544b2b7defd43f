<?php

declare(strict_types=1);

namespace App\BreakDown\Method;

use App\Catalogue\CatalogueMethod;
use App\Catalogue\CatalogueStep;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Containers;
use App\Fish\MadeFrom;
use App\Kitchen\Database\Row;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\BreakDown\Container;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;

/** The methods as the house writes them, and the trays that lie under its fish. */
final readonly class MethodController
{
    public function show(string $method): JsonResponse
    {
        return self::whole($method);
    }

    public function store(Request $request, StoreMethod $store, string $method): JsonResponse
    {
        $store($method, Fields::of($request), Person::of($request));

        return self::whole($method);
    }

    public function trays(Request $request): JsonResponse
    {
        $unit = Person::of($request)->units->bench();

        return new JsonResponse([
            'trays' => array_map(
                fn (Container $one): array => [
                    'name' => $one->name,
                    'mass' => ['mg' => $one->mass->milligrams, 'text' => $one->mass->print($unit)],
                ],
                Containers::all(),
            ),
        ]);
    }

    public function storeTray(Request $request, string $tray): JsonResponse
    {
        $typed = Fields::of($request)->maybeString('mass');
        Fault::at(
            '/mass',
            fn () => Containers::store(
                $tray,
                $typed === null || trim($typed) === '' ? null : Mass::parse($typed, Person::of($request)->units),
            ),
        );

        return $this->trays($request);
    }

    /** What the house makes of what an answer costs: the recipes of each bin. */
    public function made(MadeFrom $made): JsonResponse
    {
        return new JsonResponse([
            'bins' => array_map(
                fn (Bin $bin): array => [
                    'bin' => $bin->value,
                    'name' => $bin->spoken(),
                    'recipes' => $made->bin($bin),
                ],
                Bin::cases(),
            ),
        ]);
    }

    private static function whole(string $code): JsonResponse
    {
        $row =
            Row::maybe(CatalogueMethod::rows()->where('method', $code)->first()) ??
            throw Fault::notThere('There is no such method.');

        return new JsonResponse([
            'method' => $code,
            'name' => $row->text('name'),
            'why' => $row->text('why'),
            'form' => $row->text('form'),
            'from' => $row->text('copied_from') === '' ? null : $row->text('copied_from'),
            'version' => (int) $row->number('version'),
            'steps' => array_map(
                fn (Row $step): array => [
                    'action' => $step->text('action'),
                    'choices' => $step->text('choices'),
                    'doing' => $step->text('doing'),
                    'why' => $step->text('why'),
                    'parts' => $step->text('parts'),
                    'place' => $step->text('place'),
                    'tools' => $step->text('tools'),
                    'caution' => $step->text('caution'),
                    'inspect' => $step->text('inspect'),
                    'cue' => $step->text('cue'),
                    'mistake' => $step->text('mistake'),
                    'mistake_costs' => $step->text('mistake_costs'),
                    'drawing' => $step->text('drawing'),
                    'seconds' => $step->number('seconds'),
                    'seconds_per_kg' => $step->number('seconds_per_kg'),
                ],
                Row::all(CatalogueStep::rows()->where('method', $code)->orderBy('step')->get()),
            ),
        ]);
    }
}
