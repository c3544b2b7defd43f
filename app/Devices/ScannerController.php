<?php

declare(strict_types=1);

namespace App\Devices;

use App\Contract\Fault;
use Illuminate\Http\JsonResponse;
use Psr\Clock\ClockInterface;

/**
 * The demo's stand-in for a label scanner: labels to hold under it. A real one is a keyboard and needs nothing here.
 */
final readonly class ScannerController
{
    public function labels(ClockInterface $clock): JsonResponse
    {
        config('sectum.demo') === true || throw Fault::notThere('Hold a label under the scanner.');

        return new JsonResponse(['labels' => DemoLabels::all($clock->now())]);
    }
}
