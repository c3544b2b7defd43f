<?php

declare(strict_types=1);

namespace App\Devices;

use App\Contract\ContractRequest;

final class StickRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'stick';
    }
}
