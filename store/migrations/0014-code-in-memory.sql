-- The code with which the next device is paired is kept by the running app alone.
DROP TABLE pairing_code;
