<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Kitchen\Person;
use Closure;

/** One computation at a time for each person, so that nobody's keep everybody else waiting. */
final readonly class Turn
{
    private const TRY_AGAIN_S = 2;

    /**
     * @template T
     *
     * @param  Closure(): T  $compute
     * @return T
     *
     * @throws Fault while another one of this person goes on
     */
    public static function of(Person $person, Closure $compute): mixed
    {
        // A lock of the system's: it is let go even when the process that holds it dies.
        $lock = fopen(sys_get_temp_dir().'/sectum-compute-'.md5(base_path().$person->id), 'cb');
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            throw Fault::tooMany('One of your computations is still going on. Wait for it.', self::TRY_AGAIN_S);
        }
        try {
            return $compute();
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }
    }
}
