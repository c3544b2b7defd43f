<?php

declare(strict_types=1);

namespace App\Portion\Together;

use App\Kitchen\Record;

/**
 * Fillets weighed together are all cut by one pattern.
 *
 * @property string $piece_id
 * @property string $fish_id
 * @property string $dish_id
 * @property int $fillets
 * @property int $per_fillet pieces
 * @property int $sd_mg between the fillets
 * @property bool $measured whether that is the spread of fillets weighed alone; else the usual one
 * @property int $promised portions, with nine chances in ten
 * @property int $every so manieth piece is weighed; 1 for all
 * @property string $laid_by
 * @property string $laid_at ISO 8601
 * @property int $version
 */
final class CutPattern extends Record
{
    protected $table = 'patterns';

    protected $primaryKey = 'piece_id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['measured' => 'boolean'];
    }
}
