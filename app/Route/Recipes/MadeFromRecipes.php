<?php

declare(strict_types=1);

namespace App\Route\Recipes;

use App\Fish\MadeFrom;
use App\Kitchen\Database\Remembered;
use Sectum\Fish\Bin;

/** The recipes of a bin, by name. */
final readonly class MadeFromRecipes implements MadeFrom
{
    private const MOST = 3;

    public function bin(Bin $bin): array
    {
        $names = Remembered::of('recipes by bin', ['recipes'], function (): array {
            $names = [];
            foreach (Recipe::query()->whereNull('retired_at')->orderBy('rowid')->get(['name', 'bin']) as $recipe) {
                $names[$recipe->bin->value][] = $recipe->name;
            }

            return $names;
        });

        return array_slice($names[$bin->value] ?? [], 0, self::MOST);
    }
}
