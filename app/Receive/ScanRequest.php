<?php

declare(strict_types=1);

namespace App\Receive;

use App\Contract\ContractRequest;

final class ScanRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'scan';
    }
}
