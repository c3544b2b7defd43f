<?php

declare(strict_types=1);

namespace App\Devices;

use App\Contract\ContractRequest;

final class PanRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'pan';
    }
}
