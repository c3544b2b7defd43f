<?php

declare(strict_types=1);

namespace App\Log;

use App\Contract\ContractRequest;

final class ReopenRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'reopen';
    }
}
