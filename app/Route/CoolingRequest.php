<?php

declare(strict_types=1);

namespace App\Route;

use App\Contract\ContractRequest;

final class CoolingRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'cooling';
    }
}
