<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\BreakDown\BadCutTree;
use Sectum\BreakDown\Container;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;
use Sectum\Fish\Family;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

/** Reads the cut tree that `reconcile` and `recovery` share. */
final readonly class TreeReader
{
    /** @throws BadCutTree when the pieces do not form one fish */
    public static function read(Fields $request): CutTree
    {
        $pieces = [];
        foreach ($request->list('pieces') as $piece) {
            $reading = $piece->maybeNumber('reading_g');
            $expected = $piece->has('expected') ? $piece->fields('expected') : null;
            $pieces[] = new CutPiece(
                $piece->string('id'),
                $piece->maybeString('parent'),
                $reading === null ? null : Mass::ofGrams($reading),
                Mass::ofGrams($piece->maybeNumber('resolution_g') ?? $request->number('resolution_g', 1)),
                $expected === null ? null : new Share($expected->number('mean_pct'), $expected->number('sd_pct')),
                Part::tryFrom($piece->maybeString('part') ?? ''),
                Family::tryFrom($piece->maybeString('role') ?? ''),
            );
        }
        $loss = $request->fields('loss');
        $tares = $request->numbers('tares_g');

        return new CutTree(
            $pieces === [] ? throw Fault::inField('/pieces', 'There is no piece.') : $pieces,
            new Loss($loss->number('mean_pct', 0.5), $loss->number('sd_pct', 0.4)),
            array_map(
                fn (string $name, float $grams): Container => new Container($name, Mass::ofGrams($grams)),
                array_map(strval(...), array_keys($tares)),
                array_values($tares),
            ),
        );
    }
}
