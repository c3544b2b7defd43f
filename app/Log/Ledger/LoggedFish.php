<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\Table;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;

/**
 * What the log is asked about a fish, kept beside the readings it was worked out from: never written by hand, and
 * worked out anew when the fish has changed.
 *
 * @property string $fish_id
 * @property int $version of the fish it was worked out from
 * @property int $number
 * @property string $species_id
 * @property string $state
 * @property string $step the last yield step it stands on; empty while nothing was filleted
 * @property string $supplier_id
 * @property string|null $line_id
 * @property string $lot
 * @property string|null $cutter_id who weighed most of it, or who is said to have cut it
 * @property string $method
 * @property string $answers "question:option" with a space on either side of each
 * @property string $dishes ids, with a space on either side of each
 * @property int $count
 * @property string $received_on kitchen day
 * @property string|null $cut_on kitchen day of the last weight; null while it is whole
 * @property int $whole_mg
 * @property int $each_mg of one fish
 * @property float|null $doublings of one fish against a kilo
 * @property string|null $fat_grade
 * @property float|null $yield_pct at its step, of as purchased
 * @property float|null $edible_pct
 * @property string|null $suspect code of why nothing is learned from it
 * @property int $portions
 * @property int|null $cost_minor net; null while it has no price or no portion
 * @property int $edible_mg what carries that cost
 * @property int $back_minor what its parts brought
 * @property float|null $minutes at the board, one fish
 * @property float|null $residual_z how far its weights are from adding up, in spreads
 * @property array<string, int> $steps milligrams by step of the walk
 * @property array<string, int> $trays milligrams on plates by tray
 * @property string $entered_at ISO 8601
 */
final class LoggedFish extends Table
{
    protected $table = 'logged_fish';

    protected $primaryKey = 'fish_id';

    public $incrementing = false;

    protected $keyType = 'string';

    /** Its rows, each with what is expected of its kind and size: logged_groups. */
    public static function expected(): Builder
    {
        return self::rows()->leftJoin('logged_groups', fn (JoinClause $join) => $join
            ->on('logged_groups.species_id', 'logged_fish.species_id')
            ->on('logged_groups.state', 'logged_fish.state')
            ->on('logged_groups.step', 'logged_fish.step'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['steps' => 'array', 'trays' => 'array'];
    }
}
